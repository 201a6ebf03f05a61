package velvetkettle.core.cut.motif;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.linearref.LengthIndexedLine;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Parts of a figure along a line, evenly and from end to end.
 *
 * @param placed in their order along the line
 * @param figures cut into for it
 * @param sheets opened for it
 * @param figuresLeft whole ones of those sheets that go back to the shelf
 * @param partsLeft parts of figures that were cut into and not used up
 */
public record MotifRow(
    Figure figure,
    Part part,
    List<Placed> placed,
    int figures,
    int sheets,
    int figuresLeft,
    int partsLeft) {
  public MotifRow {
    placed = List.copyOf(placed);
  }

  /**
   * @param x of its middle, mm
   * @param y likewise
   * @param angle that it is turned by, degrees, from right over down
   * @param mirrored whether it is one of those that are laid the other way round
   */
  public record Placed(double x, double y, double angle, boolean mirrored) {}

  /**
   * @param count how many are laid; 0 for as many as fit
   * @param gap between two, mm, 0 to 200, at the line
   * @param alternate whether each second one is laid the other way round
   * @throws ImpossibleValueException where so many do not fit
   */
  public static MotifRow along(
      MotifLine line, Figure figure, Part part, int count, double gap, boolean alternate) {
    Bounds.check("the gap between two", gap, 0, 200, "mm");
    Bounds.check("how many are laid", count, 0, 500, "");
    LineString path = line.line();
    double width = part.width(figure.width());
    double room = path.getLength();
    int most = (int) Math.floor((room + gap) / (width + gap) + 1e-9);
    while (most > 1 && !isApart(path, most, width, gap)) {
      most--;
    }
    if (count > most || most == 0) {
      throw new ImpossibleValueException(
          "at most " + most + " of them fit on the line: take fewer, or a smaller gap");
    }
    int laid = count == 0 ? most : count;
    int usable = part.usable(alternate);
    int figures = (laid + usable - 1) / usable;
    int sheets = (figures + figure.onSheet() - 1) / figure.onSheet();
    return new MotifRow(
        figure,
        part,
        places(path, laid, width, alternate),
        figures,
        sheets,
        sheets * figure.onSheet() - figures,
        figures * part.each() - laid);
  }

  /** Middles as far from each other as can be, the first and last with their rims at the ends. */
  private static List<Placed> places(LineString path, int n, double width, boolean alternate) {
    LengthIndexedLine along = new LengthIndexedLine(path);
    double length = path.getLength();
    List<Placed> placed = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double at = n == 1 ? length / 2 : width / 2 + i * (length - width) / (n - 1);
      Coordinate middle = along.extractPoint(at);
      Coordinate before = along.extractPoint(Math.max(0, at - 0.5));
      Coordinate after = along.extractPoint(Math.min(length, at + 0.5));
      double angle = Math.toDegrees(Angle.angle(before, after));
      placed.add(new Placed(middle.x, middle.y, angle, alternate && i % 2 == 1));
    }
    return placed;
  }

  /** On a bend the way along the line is longer than from one to the other. */
  private static boolean isApart(LineString path, int n, double width, double gap) {
    List<Placed> placed = places(path, n, width, false);
    for (int i = 1; i < n; i++) {
      double apart =
          Math.hypot(
              placed.get(i).x() - placed.get(i - 1).x(), placed.get(i).y() - placed.get(i - 1).y());
      if (apart < width + gap - 1e-6) {
        return false;
      }
    }
    return true;
  }
}
