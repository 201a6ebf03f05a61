package velvetkettle.core.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class RosterTest {
  @Test
  @DisplayName(
      "garments of each size: letters from small to large, then numbers by value, then words")
  void sizes() {
    Roster roster =
        new Roster(
            List.of(
                size("XL"),
                size("128"),
                size("s"),
                size("one size"),
                size("S "),
                size("104"),
                size(""),
                size("xs"),
                size("98")));
    assertThat(roster.sizes())
        .containsExactly(
            new Count("XS", 1),
            new Count("S", 2),
            new Count("XL", 1),
            new Count("98", 1),
            new Count("104", 1),
            new Count("128", 1),
            new Count("ONE SIZE", 1));
  }

  @Test
  @DisplayName(
      "letters and digits as they are cut: an accent belongs to its letter, a space is none")
  void letters() {
    Roster roster =
        new Roster(
            List.of(
                new Entry("Ana Noë", "7", "S"),
                new Entry("Noe\u0308", "07", "M"),
                new Entry("", "70", "L")));
    assertThat(roster.letters())
        .containsExactlyInAnyOrder(
            new Count("A", 1),
            new Count("N", 2),
            new Count("a", 1),
            new Count("n", 1),
            new Count("o", 2),
            new Count("ë", 2),
            new Count("0", 2),
            new Count("7", 3));
  }

  @Test
  @DisplayName("what cannot be written is refused by name")
  void refused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Entry(" ", "", "S"))
        .withMessageContaining("neither a name nor a number");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Entry("n".repeat(41), "", ""))
        .withMessageContaining("name is longer than 40");
    assertThatIllegalArgumentException().isThrownBy(() -> new Entry("", "1234567", ""));
    assertThatIllegalArgumentException().isThrownBy(() -> new Entry("a", "", "s".repeat(13)));
    Entry someone = new Entry("🪡".repeat(40), "", "");
    assertThat(new Roster(Collections.nCopies(1000, someone)).entries()).hasSize(1000);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Roster(Collections.nCopies(1001, someone)));
  }

  private static Entry size(String size) {
    return new Entry("Ana", "", size);
  }
}
