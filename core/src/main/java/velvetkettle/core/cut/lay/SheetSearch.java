package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import velvetkettle.core.cut.Progress;

/**
 * Looks for the order of pieces that a {@link Skyline} puts down best: from the usual orders, then
 * by swapping two and keeping what is no worse. The number of tries falls with the square of the
 * pieces, so that the time does not; the seed is fixed, so that the same pieces lie the same.
 */
final class SheetSearch {
  private static final long SEED = 20;

  /** Steps of the skyline in all, about half a second on one core. */
  private static final double STEPS = 2.5e7;

  private static final int FEWEST = 60;
  private static final int MOST = 12_000;

  /** After that many tries without gain it begins anew from a shuffled order. */
  private static final int PATIENCE = 600;

  private final List<Piece> pieces;
  private final double spacing;
  private final double width;
  private final boolean shortest;
  private final double[] w;
  private final double[] h;
  private final Skyline skyline;
  private final double whole;
  private Sheet best = Sheet.EMPTY;

  /**
   * What lies on one sheet.
   *
   * @param lying each with its place, without spacing round it
   * @param area of the pieces, mm²
   * @param length down to the lowest edge, mm
   */
  record Sheet(List<FittedPiece> lying, double area, double length) {
    static final Sheet EMPTY = new Sheet(List.of(), 0, 0);
  }

  /** A piece with its place on the sheet. */
  record FittedPiece(Piece piece, Rectangle at, boolean turned) {}

  private SheetSearch(
      List<Piece> pieces, double width, double length, double spacing, boolean shortest) {
    this.pieces = pieces;
    this.spacing = spacing;
    this.width = width + spacing;
    this.shortest = shortest;
    w = pieces.stream().mapToDouble(p -> p.width() + spacing).toArray();
    h = pieces.stream().mapToDouble(p -> p.height() + spacing).toArray();
    whole = IntStream.range(0, w.length).mapToDouble(i -> w[i] * h[i]).sum();
    boolean[] turnable = new boolean[w.length];
    IntStream.range(0, w.length).forEach(i -> turnable[i] = pieces.get(i).turnable());
    skyline = new Skyline(w, h, turnable, this.width, length + spacing);
  }

  /** As much as fits on a sheet. Both sides are free of margins. */
  static Sheet fullest(
      List<Piece> pieces, double width, double length, double spacing, Progress progress) {
    return new SheetSearch(pieces, width, length, spacing, false).search(progress);
  }

  /** All of them on as little of the length as may be; what does not fit at all is left out. */
  static Sheet shortest(
      List<Piece> pieces, double width, double length, double spacing, Progress progress) {
    return new SheetSearch(pieces, width, length, spacing, true).search(progress);
  }

  private Sheet search(Progress progress) {
    int n = pieces.size();
    if (n == 0 || width <= spacing) {
      return Sheet.EMPTY;
    }
    List<int[]> starts = starts(w, h);
    int tries = (int) Math.max(FEWEST, Math.min(MOST, STEPS / ((double) n * n)));
    Random random = new Random(SEED);
    int[] order = starts.get(0);
    int stale = 0;
    double kept = Double.NEGATIVE_INFINITY;
    double found = Double.NEGATIVE_INFINITY;
    for (int done = 0; done < tries; done++) {
      progress.check(done, tries);
      boolean fresh = done < starts.size() || stale >= PATIENCE;
      int[] next =
          done < starts.size()
              ? starts.get(done)
              : fresh
                  ? shaken(starts.get(random.nextInt(starts.size())), random, n / 4 + 1)
                  : shaken(order, random, 1);
      double area = skyline.fill(next);
      double value = value(area);
      stale = fresh || value > found ? 0 : stale + 1;
      if (value > found) {
        found = value;
        best = sheet();
        if (isPerfect(area)) {
          break;
        }
      }
      if (fresh || value >= kept) {
        kept = value;
        order = next;
      }
    }
    return best;
  }

  /** The area; on a roll, all of it on less length is better than all on more. */
  private double value(double area) {
    return shortest && all(area) ? whole + 1 - skyline.length() / 1e9 : area;
  }

  private boolean isPerfect(double area) {
    return all(area) && (!shortest || skyline.length() * width <= whole * (1 + 1e-9));
  }

  private boolean all(double area) {
    return area >= whole - 1e-6;
  }

  private static int[] shaken(int[] order, Random random, int swaps) {
    int[] shaken = order.clone();
    for (int i = 0; i < swaps; i++) {
      int a = random.nextInt(order.length);
      int b = random.nextInt(order.length);
      int moved = shaken[a];
      shaken[a] = shaken[b];
      shaken[b] = moved;
    }
    return shaken;
  }

  /** By area, by the longer side, by width, by height and by the way round, the largest first. */
  private static List<int[]> starts(double[] w, double[] h) {
    List<ToDoubleFunction<Integer>> by =
        List.of(
            i -> w[i] * h[i], i -> Math.max(w[i], h[i]), i -> w[i], i -> h[i], i -> w[i] + h[i]);
    List<int[]> starts = new ArrayList<>();
    for (ToDoubleFunction<Integer> size : by) {
      starts.add(
          IntStream.range(0, w.length)
              .boxed()
              .sorted(Comparator.comparingDouble(size).reversed())
              .mapToInt(Integer::intValue)
              .toArray());
    }
    return starts;
  }

  private Sheet sheet() {
    List<FittedPiece> lying = new ArrayList<>();
    double area = 0;
    for (int i = 0; i < pieces.size(); i++) {
      if (skyline.placed[i]) {
        Piece piece = pieces.get(i);
        boolean turned = skyline.turned[i];
        double w = turned ? piece.height() : piece.width();
        double h = turned ? piece.width() : piece.height();
        lying.add(new FittedPiece(piece, new Rectangle(skyline.x[i], skyline.y[i], w, h), turned));
        area += piece.area();
      }
    }
    return new Sheet(lying, area, Math.max(0, skyline.length() - spacing));
  }
}
