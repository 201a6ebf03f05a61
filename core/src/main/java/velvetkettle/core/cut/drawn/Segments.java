package velvetkettle.core.cut.drawn;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.MultiLineString;
import velvetkettle.core.cut.shape.Grid;

/** Gathers straight lines of a drawing. */
public final class Segments {
  private final List<LineString> lines = new ArrayList<>();

  /** From one point to another, mm. */
  public Segments line(double x1, double y1, double x2, double y2) {
    lines.add(
        Grid.SHAPES.createLineString(
            new Coordinate[] {new Coordinate(x1, y1), new Coordinate(x2, y2)}));
    return this;
  }

  public boolean isEmpty() {
    return lines.isEmpty();
  }

  public MultiLineString all() {
    return Grid.SHAPES.createMultiLineString(lines.toArray(LineString[]::new));
  }

  public Mark as(LineRole role) {
    return new Mark.Lines(role, all());
  }
}
