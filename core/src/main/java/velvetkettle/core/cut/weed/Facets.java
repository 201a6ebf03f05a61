package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * The edges of a piece, with the piece to the left of each, and how far it is from them across the
 * piece or the gap beside it. A ray counts where it meets an edge that faces the one it comes from
 * within 60 degrees: thinner corners than that are tips or thin, wider ones are neither.
 */
final class Facets {
  private static final int FEW = 48;
  private static final double FACING = -0.5;

  /** Shorter edges and nearer hits are left by pens and grids, mm. */
  private static final double NOISE = 0.01;

  private final double[] ax;
  private final double[] ay;
  private final double[] bx;
  private final double[] by;
  private final @Nullable STRtree byPlace;

  /**
   * A place across which there is too little.
   *
   * @param width mm
   */
  record Narrow(double x, double y, double acrossX, double acrossY, double width) {
    Coordinate middle() {
      return new Coordinate((x + acrossX) / 2, (y + acrossY) / 2);
    }
  }

  Facets(Polygon piece) {
    int edges = piece.getNumPoints() - 1 - piece.getNumInteriorRing();
    ax = new double[edges];
    ay = new double[edges];
    bx = new double[edges];
    by = new double[edges];
    int at = take(piece.getExteriorRing(), true, 0);
    for (int hole = 0; hole < piece.getNumInteriorRing(); hole++) {
      at = take(piece.getInteriorRingN(hole), false, at);
    }
    byPlace = edges > FEW ? indexed() : null;
  }

  private int take(LinearRing ring, boolean shell, int from) {
    Coordinate[] points = ring.getCoordinates();
    boolean forwards = Orientation.isCCW(points) == shell;
    int at = from;
    for (int i = 1; i < points.length; i++, at++) {
      Coordinate a = points[forwards ? i - 1 : i];
      Coordinate b = points[forwards ? i : i - 1];
      ax[at] = a.x;
      ay[at] = a.y;
      bx[at] = b.x;
      by[at] = b.y;
    }
    return at;
  }

  private STRtree indexed() {
    STRtree tree = new STRtree();
    for (int i = 0; i < ax.length; i++) {
      tree.insert(new Envelope(ax[i], bx[i], ay[i], by[i]), i);
    }
    tree.build();
    return tree;
  }

  /** Where the piece itself is narrower than that. */
  List<Narrow> thinner(double width) {
    return narrow(width, 1);
  }

  /** Where the gap between two of its own edges is narrower than that. */
  List<Narrow> gapsBelow(double width) {
    return narrow(width, -1);
  }

  /**
   * @param side 1 into the piece, -1 out of it
   */
  private List<Narrow> narrow(double width, int side) {
    List<Narrow> found = new ArrayList<>();
    for (int i = 0; i < ax.length; i++) {
      double length = Math.hypot(bx[i] - ax[i], by[i] - ay[i]);
      int samples = length < NOISE ? 0 : Math.max(1, (int) Math.ceil(length / (2 * width)));
      for (int k = 0; k < samples; k++) {
        Narrow narrow = across(i, (k + 0.5) / samples, width, side);
        if (narrow != null) {
          found.add(narrow);
        }
      }
    }
    return found;
  }

  private @Nullable Narrow across(int edge, double part, double width, int side) {
    double dx = bx[edge] - ax[edge];
    double dy = by[edge] - ay[edge];
    double length = Math.hypot(dx, dy);
    double nx = -dy / length * side;
    double ny = dx / length * side;
    double x = ax[edge] + part * dx;
    double y = ay[edge] + part * dy;
    Ray ray = new Ray(edge, x, y, nx, ny, width, side);
    if (byPlace == null) {
      for (int i = 0; i < ax.length; i++) {
        ray.accept(i);
      }
    } else {
      Envelope reach = new Envelope(x, x + nx * width, y, y + ny * width);
      byPlace.query(reach, item -> ray.accept((Integer) item));
    }
    return ray.nearest < width
        ? new Narrow(x, y, x + nx * ray.nearest, y + ny * ray.nearest, ray.nearest)
        : null;
  }

  private final class Ray implements IntConsumer {
    private final int from;
    private final double x;
    private final double y;
    private final double nx;
    private final double ny;
    private final int side;
    private double nearest;

    Ray(int from, double x, double y, double nx, double ny, double reach, int side) {
      this.from = from;
      this.x = x;
      this.y = y;
      this.nx = nx;
      this.ny = ny;
      this.nearest = reach;
      this.side = side;
    }

    @Override
    public void accept(int edge) {
      if (edge == from) {
        return;
      }
      double dx = bx[edge] - ax[edge];
      double dy = by[edge] - ay[edge];
      double cross = nx * dy - ny * dx;
      double length = Math.hypot(dx, dy);
      double facing = side * (nx * -dy + ny * dx) / length;
      if (facing > FACING || cross == 0) {
        return;
      }
      double ox = ax[edge] - x;
      double oy = ay[edge] - y;
      double far = (ox * dy - oy * dx) / cross;
      double along = (ox * ny - oy * nx) / cross;
      if (far > NOISE && far < nearest && along >= 0 && along <= 1) {
        nearest = far;
      }
    }
  }
}
