package velvetkettle.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.Sheets;

/**
 * Lays pieces that a sheet of 400 x 600 mm was cut into without waste, and prints how much of it is
 * filled again and how long that takes.
 */
public final class LayBenchmarks {
  private static final double WIDTH = 400;
  private static final double LENGTH = 600;
  private static final int SEEDS = 6;

  private LayBenchmarks() {}

  public static void main(String[] arguments) {
    System.out.println(
        "| pieces | filled: least | filled: mean | longest, ms |\n|---|---|---|---|");
    fill(60, 99);
    for (int pieces : new int[] {15, 30, 60, 120}) {
      double least = 1;
      double sum = 0;
      double longest = 0;
      for (long seed = 1; seed <= SEEDS; seed++) {
        long began = System.nanoTime();
        double filled = fill(pieces, seed);
        longest = Math.max(longest, (System.nanoTime() - began) / 1e6);
        least = Math.min(least, filled);
        sum += filled;
      }
      System.out.printf("| %d | %.3f | %.3f | %.0f |%n", pieces, least, sum / SEEDS, longest);
    }
  }

  /** Of the first sheet. */
  private static double fill(int pieces, long seed) {
    List<PlacedPiece> first =
        Sheets.first(zeroWaste(pieces, seed), WIDTH, LENGTH, 0, Progress.NONE);
    return first.stream().mapToDouble(piece -> piece.at().area()).sum() / (WIDTH * LENGTH);
  }

  private static List<Piece> zeroWaste(int pieces, long seed) {
    Random random = new Random(seed);
    List<Rectangle> parts = new ArrayList<>(List.of(new Rectangle(0, 0, WIDTH, LENGTH)));
    while (parts.size() < pieces) {
      parts.sort((a, b) -> Double.compare(b.area(), a.area()));
      Rectangle largest = parts.remove(0);
      double share = 0.3 + 0.4 * random.nextDouble();
      boolean across = largest.width() > largest.height();
      double at = Math.rint((across ? largest.width() : largest.height()) * share);
      double width = across ? at : largest.width();
      double height = across ? largest.height() : at;
      parts.add(new Rectangle(largest.x(), largest.y(), width, height));
      parts.add(
          across
              ? new Rectangle(largest.x() + at, largest.y(), largest.width() - at, height)
              : new Rectangle(largest.x(), largest.y() + at, width, largest.height() - at));
    }
    List<Piece> all = new ArrayList<>();
    for (Rectangle part : parts) {
      all.add(new Piece("p" + all.size(), "film", part.width(), part.height(), true));
    }
    return all;
  }
}
