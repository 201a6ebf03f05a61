package velvetkettle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import velvetkettle.core.roster.Roster;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.roster.RosterEntryForm;

/**
 * A ticket as the maker typed it.
 *
 * @param dueAt to the microsecond: what is finer is not kept
 * @param roster who gets the pieces; empty where they are all alike
 * @param version the version it was read at; 0 for a new one
 */
public record TicketForm(
    @NotBlank @Size(max = 80) String title,
    @NotNull @Size(max = 80) String customer,
    @NotNull Instant dueAt,
    @Min(1) @Max(10_000) int pieces,
    @NotNull UUID pressId,
    @NotNull @Valid GarmentForm garment,
    @NotEmpty @Size(max = 6) List<@Valid DecorationForm> decorations,
    @Size(max = Roster.MOST) List<@Valid RosterEntryForm> roster,
    @Min(0) int version) {
  /** A ticket without a roster has none; so have drafts that were typed before there were any. */
  public TicketForm {
    roster = roster == null ? List.of() : List.copyOf(roster);
    if (dueAt != null) {
      dueAt = dueAt.truncatedTo(ChronoUnit.MICROS);
    }
  }

  /** The same with other decorations. */
  public TicketForm with(List<DecorationForm> changed) {
    return new TicketForm(
        title, customer, dueAt, pieces, pressId, garment, changed, roster, version);
  }

  /** The same as a new ticket on one of this shop's presses. */
  public TicketForm on(UUID press) {
    return new TicketForm(title, customer, dueAt, pieces, press, garment, decorations, roster, 0);
  }
}
