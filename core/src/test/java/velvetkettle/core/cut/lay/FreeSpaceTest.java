package velvetkettle.core.cut.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FreeSpaceTest {
  /** What is used and what is free, taken apart, are the sheet: nothing of it is lost. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void usedAndFreeAreTheSheet(long seed) {
    Random random = new Random(seed);
    Rectangle sheet = new Rectangle(0, 0, 200, 150);
    FreeSpace free = new FreeSpace(sheet);
    List<Rectangle> used = new ArrayList<>();
    for (int column = 0; column < 4; column++) {
      for (int row = 0; row < 3; row++) {
        if (random.nextBoolean()) {
          Rectangle piece = new Rectangle(50 * column, 50 * row, 10 + random.nextInt(41), 50);
          used.add(piece);
          free.take(piece);
        }
      }
    }
    List<Rectangle> kept = free.worthKeeping(0.1);
    double whole =
        kept.stream().mapToDouble(Rectangle::area).sum()
            + used.stream().mapToDouble(Rectangle::area).sum();
    assertThat(whole).isCloseTo(sheet.area(), within(1e-6));
    for (Rectangle each : kept) {
      assertThat(used).noneMatch(each::overlaps);
      assertThat(kept).filteredOn(other -> other != each).noneMatch(each::overlaps);
    }
  }

  /** A piece on a corner leaves two that overlap; the larger is kept whole. */
  @Test
  void theLargestIsKeptFirst() {
    FreeSpace free = new FreeSpace(new Rectangle(0, 0, 200, 100));
    free.take(new Rectangle(0, 0, 60, 50));
    assertThat(free.worthKeeping(40))
        .containsExactly(new Rectangle(60, 0, 140, 100), new Rectangle(0, 50, 60, 50));
    assertThat(free.worthKeeping(55)).containsExactly(new Rectangle(60, 0, 140, 100));
  }
}
