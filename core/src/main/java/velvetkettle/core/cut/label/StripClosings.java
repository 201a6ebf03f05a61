package velvetkettle.core.cut.label;

import java.util.Comparator;
import java.util.List;
import velvetkettle.core.cut.lay.Overlapping;

/**
 * Strips under the platen, side by side.
 *
 * @param side how many lie side by side
 * @param closings until all of all strips was under it
 */
public record StripClosings(int side, int closings) {
  /** Between two strips, mm [engineering estimate]. */
  private static final double BETWEEN = 3;

  /** What a closing repeats of the one before on a strip that is longer than the platen, mm. */
  private static final double REPEATED = 10;

  /** No strip lies so near the edge of the platen, which is cooler, mm [engineering estimate]. */
  private static final double EDGE = 10;

  /**
   * @param width of the platen, along the strips, mm
   * @param depth of it, mm
   */
  public static StripClosings of(List<LabelStrip> strips, double tape, double width, double depth) {
    double reach = Math.max(width - 2 * EDGE, REPEATED + 1);
    int side = Math.max(1, (int) Math.floor((depth - 2 * EDGE + BETWEEN) / (tape + BETWEEN)));
    List<Integer> sections =
        strips.stream()
            .map(strip -> Overlapping.parts(strip.length(), reach, REPEATED))
            .sorted(Comparator.reverseOrder())
            .toList();
    int closings = 0;
    // The longest lie together: a bundle takes as many closings as its longest strip.
    for (int i = 0; i < sections.size(); i += side) {
      closings += sections.get(i);
    }
    return new StripClosings(side, closings);
  }
}
