package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Grid;

/**
 * A worn-looking design: islands of twenty corners each on a square lattice 3.2 mm apart, their
 * edges rough, a third of them thin, some so close that the gap is too narrow.
 */
public final class DistressedDesign {
  private static final int CORNERS = 20;
  private static final double APART = 3.2;

  private DistressedDesign() {}

  public static MultiPolygon of(int islands, long seed) {
    Random random = new Random(seed);
    int across = (int) Math.ceil(Math.sqrt(islands));
    List<Polygon> all = new ArrayList<>();
    for (int i = 0; i < islands; i++) {
      all.add(island(APART * (i % across), APART * (i / across), random));
    }
    return Grid.of(all);
  }

  private static Polygon island(double x, double y, Random random) {
    double squeezed = random.nextInt(3) == 0 ? 0.25 : 0.9;
    double size = 1.1 + 0.25 * random.nextDouble();
    Coordinate[] ring = new Coordinate[CORNERS + 1];
    for (int k = 0; k < CORNERS; k++) {
      double turn = 2 * Math.PI * k / CORNERS;
      double r = size * (0.85 + 0.3 * random.nextDouble());
      ring[k] =
          new Coordinate(
              Grid.snap(x + r * Math.cos(turn)), Grid.snap(y + squeezed * r * Math.sin(turn)));
    }
    ring[CORNERS] = ring[0];
    return Grid.SHAPES.createPolygon(ring);
  }
}
