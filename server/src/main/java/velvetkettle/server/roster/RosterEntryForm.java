package velvetkettle.server.roster;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import velvetkettle.core.roster.Entry;

/** One garment of a roster as it was typed. */
public record RosterEntryForm(
    @NotNull @Size(max = Entry.LONGEST_NAME) String name,
    @NotNull @Size(max = Entry.LONGEST_NUMBER) String number,
    @NotNull @Size(max = Entry.LONGEST_SIZE) String size) {
  /** Whether nothing would be written on the garment. */
  public boolean saysNothing() {
    return name.isBlank() && number.isBlank();
  }

  public Entry entry() {
    return new Entry(name, number, size);
  }
}
