package velvetkettle.core.cut.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cut.Progress;

class SheetSearchTest {
  private static final double WIDTH = 400;
  private static final double LENGTH = 600;

  /** A sheet cut into pieces by straight cuts from edge to edge: it can be filled wholly. */
  static List<Piece> zeroWaste(int pieces, long seed) {
    Random random = new Random(seed);
    List<Rectangle> parts = new ArrayList<>(List.of(new Rectangle(0, 0, WIDTH, LENGTH)));
    while (parts.size() < pieces) {
      Rectangle largest =
          parts.stream().max((a, b) -> Double.compare(a.area(), b.area())).orElseThrow();
      parts.remove(largest);
      double share = 0.3 + 0.4 * random.nextDouble();
      if (largest.width() > largest.height()) {
        double at = Math.rint(largest.width() * share);
        parts.add(new Rectangle(largest.x(), largest.y(), at, largest.height()));
        parts.add(
            new Rectangle(largest.x() + at, largest.y(), largest.width() - at, largest.height()));
      } else {
        double at = Math.rint(largest.height() * share);
        parts.add(new Rectangle(largest.x(), largest.y(), largest.width(), at));
        parts.add(
            new Rectangle(largest.x(), largest.y() + at, largest.width(), largest.height() - at));
      }
    }
    List<Piece> all = new ArrayList<>();
    for (Rectangle part : parts) {
      boolean turned = random.nextBoolean();
      all.add(
          new Piece(
              "p" + all.size(),
              "film",
              turned ? part.height() : part.width(),
              turned ? part.width() : part.height(),
              true));
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "15,1", "15,2", "15,3", "30,1", "30,2", "30,3", "60,1", "60,2", "60,3", "120,1", "120,2",
    "120,3"
  })
  void fillsNinetyFourPercentOfASheetWithoutWaste(int pieces, long seed) {
    SheetSearch.Sheet sheet =
        SheetSearch.fullest(zeroWaste(pieces, seed), WIDTH, LENGTH, 0, Progress.NONE);
    assertThat(sheet.area() / (WIDTH * LENGTH)).isGreaterThanOrEqualTo(0.94);
    assertSound(sheet, WIDTH, LENGTH, 0);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void nothingOverlapsOrLiesOutside(long seed) {
    Random random = new Random(seed);
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < 5 + random.nextInt(40); i++) {
      pieces.add(
          new Piece(
              "p" + i,
              "film",
              5 + 150 * random.nextDouble(),
              5 + 150 * random.nextDouble(),
              random.nextBoolean()));
    }
    double spacing = random.nextInt(6);
    SheetSearch.Sheet full = SheetSearch.fullest(pieces, 300, 300, spacing, Progress.NONE);
    assertSound(full, 300, 300, spacing);
    SheetSearch.Sheet strip = SheetSearch.shortest(pieces, 300, 5000, spacing, Progress.NONE);
    assertThat(strip.lying()).hasSameSizeAs(pieces);
    assertSound(strip, 300, strip.length(), spacing);
  }

  static void assertSound(SheetSearch.Sheet sheet, double width, double length, double spacing) {
    Rectangle whole = new Rectangle(0, 0, width, length);
    List<SheetSearch.FittedPiece> lying = sheet.lying();
    for (int i = 0; i < lying.size(); i++) {
      assertThat(whole.holds(lying.get(i).at())).as(lying.get(i).toString()).isTrue();
      assertThat(lying.get(i).turned() && !lying.get(i).piece().turnable()).isFalse();
      for (int j = 0; j < i; j++) {
        assertThat(
                lying.get(i).at().grown(spacing / 2).overlaps(lying.get(j).at().grown(spacing / 2)))
            .isFalse();
      }
    }
  }
}
