package velvetkettle.core.cut.stone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import velvetkettle.core.press.StoneSize;

class StoneRepeatTest {
  private static final List<Stone> HOOK =
      List.of(at(1.4, 1.4), at(5, 1.4), at(8.6, 1.4), at(8.6, 5), at(8.6, 8.6));

  private static Stone at(double x, double y) {
    return new Stone(x, y, StoneSize.SS10, "#e8edf2");
  }

  /** The hook is 10 wide; turned over at 14 its upright stands at 14 + 1.4. */
  @Test
  void turnedOverItIsItsMirrorImage() {
    StoneRepeat repeat = StoneRepeat.of(HOOK, 2, 4, true, 0.3);
    assertThat(repeat.stones()).hasSize(10);
    assertThat(repeat.dropped()).isZero();
    // About the middle of the joint, at 12, each has its like.
    for (Stone stone : repeat.stones()) {
      assertThat(repeat.stones())
          .anyMatch(
              other -> Math.abs(other.x() - (24 - stone.x())) < 1e-9 && other.y() == stone.y());
    }
  }

  @Test
  void notTurnedItIsMovedOnly() {
    StoneRepeat repeat = StoneRepeat.of(HOOK, 3, 4, false, 0.3);
    assertThat(repeat.stones()).hasSize(15);
    assertThat(repeat.stones().stream().mapToDouble(Stone::x).max().orElseThrow())
        .isCloseTo(8.6 + 2 * 14, within(1e-9));
  }

  /**
   * Reaching into each other by 2.8, the uprights fall on the same places: three are covered up.
   */
  @Test
  void whatWouldLieOnAnotherIsCoveredUp() {
    StoneRepeat repeat = StoneRepeat.of(HOOK, 2, -2.8, true, 0.3);
    assertThat(repeat.dropped()).isEqualTo(3);
    assertThat(repeat.stones()).hasSize(7);
    assertThat(repeat.byHand()).isEmpty();
  }

  /** Any stencil, any distance: no two too near, by hand or by stencil, and none is lost unsaid. */
  @Test
  void theGapIsKeptWhateverIsRepeated() {
    Random random = new Random(13);
    int filled = 0;
    for (int i = 0; i < 60; i++) {
      List<StoneLayer> layers = new ArrayList<>();
      layers.add(
          new StoneLayer(
              velvetkettle.core.cut.shape.Grid.of(
                  List.of(
                      velvetkettle.core.cut.shape.Grid.rectangle(
                          0, 0, 15 + random.nextInt(30), 8 + random.nextInt(20)))),
              Pattern.values()[random.nextInt(4)],
              List.of(StoneSize.SS10),
              Grading.NONE,
              "#e8edf2"));
      List<Stone> of = StoneLayout.of(layers, 0.4).stones();
      int uses = 1 + random.nextInt(5);
      double distance = -8 + 20 * random.nextDouble();
      StoneRepeat repeat = StoneRepeat.of(of, uses, distance, random.nextBoolean(), 0.4);
      assertThat(repeat.stones().size() + repeat.dropped()).isEqualTo(of.size() * uses);
      List<Stone> all = new ArrayList<>(repeat.stones());
      all.addAll(repeat.byHand());
      for (int a = 0; a < all.size(); a++) {
        for (int b = 0; b < a; b++) {
          assertThat(all.get(a).gapTo(all.get(b))).isGreaterThan(0.4 - 1e-5);
        }
      }
      filled += repeat.byHand().isEmpty() ? 0 : 1;
    }
    assertThat(filled).isGreaterThan(10);
  }
}
