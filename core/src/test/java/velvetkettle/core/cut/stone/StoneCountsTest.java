package velvetkettle.core.cut.stone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;

class StoneCountsTest {
  /** 90 laid and 10 % lost: 100 are needed, because 9 of 10 hold. */
  @Test
  void sparesMakeUpForWhatDoesNotTransfer() {
    StoneCounts counts = StoneCounts.of(row(90, StoneSize.SS10), 1, 0.1);
    assertThat(counts.kinds())
        .containsExactly(new StoneCounts.Kind(StoneSize.SS10, "#ffffff", 90, 10));
    assertThat(StoneCounts.of(row(90, StoneSize.SS10), 12, 0.1).needed()).isEqualTo(1200);
    assertThat(StoneCounts.of(row(90, StoneSize.SS10), 1, 0).needed()).isEqualTo(90);
    assertThatThrownBy(() -> StoneCounts.of(List.of(), 1, 0.9))
        .isInstanceOf(ImpossibleValueException.class);
  }

  @Test
  void theLargestAreCountedFirst() {
    List<Stone> stones = new ArrayList<>(row(5, StoneSize.SS6));
    stones.addAll(row(3, StoneSize.SS20));
    assertThat(StoneCounts.of(stones, 1, 0.05).kinds())
        .extracting(StoneCounts.Kind::size)
        .containsExactly(StoneSize.SS20, StoneSize.SS6);
  }

  /** One stencil a size; each hole is where its stone is, counted from the rim. */
  @Test
  void aStencilHasAHoleForEachStone() {
    List<Stone> stones = new ArrayList<>(row(5, StoneSize.SS6));
    stones.add(new Stone(30, 30, StoneSize.SS20, "#ffffff"));
    List<DrawnPage> pages = new StoneStencil(stones, 0.4).pages();
    assertThat(pages).hasSize(2);
    Mark.Discs large = holes(pages.get(0));
    assertThat(large.diameter()).isCloseTo(5.1, within(1e-9));
    assertThat(large.middles()).hasSize(1);
    Mark.Discs small = holes(pages.get(1));
    assertThat(small.middles()).hasSize(5);
    // From the first small stone to the large one is as far as it was laid.
    assertThat(large.middles().get(0).x - small.middles().get(0).x).isCloseTo(30, within(1e-9));
    assertThat(large.middles().get(0).y - small.middles().get(0).y).isCloseTo(30, within(1e-9));
  }

  @Test
  void wallsThatTearAreSeen() {
    assertThat(new StoneStencil(row(5, StoneSize.SS6), 0.4).tears()).isFalse();
    List<Stone> near =
        List.of(
            new Stone(0, 0, StoneSize.SS6, "#ffffff"), new Stone(2.3, 0, StoneSize.SS6, "#ffffff"));
    assertThat(new StoneStencil(near, 0.4).tears()).isTrue();
    assertThat(new StoneStencil(near.subList(0, 1), 0.4).tears()).isFalse();
  }

  private static Mark.Discs holes(DrawnPage page) {
    return page.marks().stream()
        .filter(mark -> mark.role() == LineRole.HOLE)
        .map(Mark.Discs.class::cast)
        .findFirst()
        .orElseThrow();
  }

  private static List<Stone> row(int n, StoneSize size) {
    List<Stone> stones = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      stones.add(new Stone(8 * i, 0, size, "#ffffff"));
    }
    return stones;
  }
}
