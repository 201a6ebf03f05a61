package velvetkettle.core.cut.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Sentence;

/**
 * Strips cut from a roll, in lanes along it.
 *
 * @param lanes strips in each lane, by their lengths in mm
 * @param length cut off the roll, mm
 * @param yield what becomes strips of the lanes that are cut into, 0 to 1; the rest of the width
 *     goes back to the shelf
 */
public record StripCuts(
    double rollWidth, double strip, List<List<Double>> lanes, double length, double yield) {
  public StripCuts {
    lanes = lanes.stream().map(List::copyOf).toList();
  }

  /** No roll is cut into more. */
  private static final int MOST = 2000;

  /**
   * The longest strips first, each in the lane that is shortest so far; then strips are swapped
   * between the longest lane and the others while that makes it shorter.
   *
   * @param lengths of the strips, mm
   * @param rollWidth mm
   * @throws ImpossibleValueException where a strip is wider than the roll
   */
  public static StripCuts of(List<Double> lengths, double strip, double rollWidth) {
    int count = (int) Math.floor(rollWidth / strip + 1e-9);
    if (count == 0) {
      throw new ImpossibleValueException("the roll is narrower than a strip");
    }
    if (lengths.size() > MOST) {
      throw new ImpossibleValueException("at most " + MOST + " strips are cut at once");
    }
    List<List<Double>> lanes = new ArrayList<>();
    for (int i = 0; i < Math.min(count, Math.max(1, lengths.size())); i++) {
      lanes.add(new ArrayList<>());
    }
    lengths.stream()
        .sorted(Comparator.reverseOrder())
        .forEach(
            length ->
                lanes.stream()
                    .min(Comparator.comparingDouble(StripCuts::sum))
                    .ifPresent(lane -> lane.add(length)));
    while (shortened(lanes)) {
      // Until no swap makes the longest lane shorter.
    }
    double longest = lanes.stream().mapToDouble(StripCuts::sum).max().orElse(0);
    double used = lengths.stream().mapToDouble(length -> length * strip).sum();
    double cutInto = longest * strip * lanes.size();
    return new StripCuts(rollWidth, strip, lanes, longest, cutInto == 0 ? 1 : used / cutInto);
  }

  /** What stays of the width beside the lanes, mm. */
  public double rest() {
    return rollWidth - strip * lanes.size();
  }

  private static double sum(List<Double> lane) {
    return lane.stream().mapToDouble(Double::doubleValue).sum();
  }

  private static boolean shortened(List<List<Double>> lanes) {
    List<Double> longest =
        lanes.stream().max(Comparator.comparingDouble(StripCuts::sum)).orElseThrow();
    double from = sum(longest);
    for (List<Double> other : lanes) {
      double to = sum(other);
      for (int i = 0; other != longest && i < longest.size(); i++) {
        double one = longest.get(i);
        if (to + one < from - 1e-9) {
          longest.remove(i);
          other.add(one);
          return true;
        }
        for (int j = 0; j < other.size(); j++) {
          double gained = one - other.get(j);
          if (gained > 1e-9 && to + gained < from - 1e-9) {
            longest.set(i, other.get(j));
            other.set(j, one);
            return true;
          }
        }
      }
    }
    return false;
  }

  /** A strip is its lane's from there to there, mm. */
  public DrawnPage page() {
    List<Polygon> cut = new ArrayList<>();
    for (int lane = 0; lane < lanes.size(); lane++) {
      double y = 0;
      for (double length : lanes.get(lane)) {
        cut.add(Grid.rectangle(lane * strip, y, strip, length));
        y += length;
      }
    }
    List<Mark> marks =
        List.of(
            new Mark.Lines(LineRole.EDGE, Grid.rectangle(0, 0, rollWidth, Math.max(1, length))),
            new Mark.Lines(LineRole.CUT, Grid.of(cut)));
    int strips = lanes.stream().mapToInt(List::size).sum();
    return new DrawnPage(Sentence.of("drawn.roll", strips), rollWidth, Math.max(1, length), marks);
  }

  /** The same strips of one panel, so many times. */
  public static List<Double> times(List<Double> lengths, int panels) {
    return IntStream.range(0, panels).boxed().flatMap(i -> lengths.stream()).toList();
  }
}
