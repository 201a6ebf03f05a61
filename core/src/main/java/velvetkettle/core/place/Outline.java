package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import velvetkettle.core.cloth.Area;

/**
 * The edge of one face of a garment that lies flat.
 *
 * @param points in their order round the cloth, at least three; the last joins the first
 */
public record Outline(List<Point> points) {
  private static final GeometryFactory SHAPES = new GeometryFactory();

  public Outline {
    points = List.copyOf(points);
    if (points.size() < 3) {
      throw new IllegalArgumentException("an outline has at least three corners");
    }
  }

  /**
   * What part of an area lies on the cloth, 0 to 1; a tenth of a millimetre over is not counted.
   */
  public double holds(Area area) {
    Area counted = area.grown(-0.1);
    Geometry rectangle =
        SHAPES.toGeometry(
            new Envelope(counted.x(), counted.right(), counted.y(), counted.bottom()));
    return rectangle.getArea() == 0
        ? 1
        : shape().intersection(rectangle).getArea() / rectangle.getArea();
  }

  /** The smallest rectangle round it. */
  public Area bounds() {
    Envelope around = shape().getEnvelopeInternal();
    return new Area(around.getMinX(), around.getMinY(), around.getWidth(), around.getHeight());
  }

  /** The same stretched from the origin. */
  Outline stretched(double across, double along) {
    return new Outline(points.stream().map(p -> new Point(p.x() * across, p.y() * along)).toList());
  }

  /** The same with its origin that much lower. */
  Outline from(double y) {
    return new Outline(points.stream().map(p -> new Point(p.x(), p.y() - y)).toList());
  }

  private Geometry shape() {
    List<Coordinate> ring = new ArrayList<>();
    points.forEach(p -> ring.add(new Coordinate(p.x(), p.y())));
    ring.add(new Coordinate(points.get(0).x(), points.get(0).y()));
    return SHAPES.createPolygon(ring.toArray(Coordinate[]::new));
  }
}
