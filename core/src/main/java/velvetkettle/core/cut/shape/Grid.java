package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.operation.union.UnionStrategy;
import org.locationtech.jts.precision.GeometryPrecisionReducer;

/**
 * The grid on which all outlines lie, a ten-thousandth of a millimetre wide: fine beside any blade,
 * and coarse enough that every overlay of areas comes out well formed.
 */
public final class Grid {
  public static final double PER_MILLIMETRE = 10_000;
  static final PrecisionModel PRECISION = new PrecisionModel(PER_MILLIMETRE);
  public static final GeometryFactory SHAPES = new GeometryFactory(PRECISION);
  private static final Polygon[] NONE = {};

  /** Steps of an overlay by itself, and for each of its corners: timed, in looks at a pair. */
  private static final int OVERLAY = 4000;

  private static final int CORNER = 100;

  /** Two combs across one another cross at every tooth; so many nodes fit into memory. */
  private static final int MOST_CROSSINGS = 200_000;

  /** A rim so wide comes of rounding corners to the grid, mm. */
  public static final double RIM = 2 / PER_MILLIMETRE;

  private Grid() {}

  public static double snap(double millimetres) {
    return PRECISION.makePrecise(millimetres);
  }

  /** What one of two areas covers, or both. */
  public static MultiPolygon union(Collection<? extends Geometry> areas) {
    return areas.isEmpty()
        ? SHAPES.createMultiPolygon()
        : areas(UnaryUnionNG.union(List.<Geometry>copyOf(areas), SHAPES, PRECISION));
  }

  /**
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  public static MultiPolygon union(Collection<? extends Geometry> areas, WorkBudget budget) {
    if (areas.isEmpty()) {
      return SHAPES.createMultiPolygon();
    }
    UnaryUnionOp union = new UnaryUnionOp(areas, SHAPES);
    union.setUnionFunction(
        new UnionStrategy() {
          @Override
          public Geometry union(Geometry one, Geometry other) {
            return overlay(one, other, OverlayNG.UNION, budget);
          }

          @Override
          public boolean isFloatingPrecision() {
            return false;
          }
        });
    return areas(union.union());
  }

  public static MultiPolygon difference(Geometry area, Geometry without) {
    return apart(area, without)
        ? areas(area)
        : areas(OverlayNG.overlay(area, without, OverlayNG.DIFFERENCE, PRECISION));
  }

  /**
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  public static MultiPolygon difference(Geometry area, Geometry without, WorkBudget budget) {
    return apart(area, without)
        ? areas(area)
        : areas(overlay(area, without, OverlayNG.DIFFERENCE, budget));
  }

  /**
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  public static MultiPolygon intersection(Geometry one, Geometry other, WorkBudget budget) {
    if (apart(one, other)) {
      return SHAPES.createMultiPolygon();
    }
    return frames(other, one)
        ? areas(one)
        : areas(overlay(one, other, OverlayNG.INTERSECTION, budget));
  }

  private static Geometry overlay(Geometry one, Geometry other, int how, WorkBudget budget) {
    budget.spend(OVERLAY + (long) CORNER * (one.getNumPoints() + other.getNumPoints()));
    Crossings crossings = new Crossings(MOST_CROSSINGS, budget);
    return OverlayNG.overlay(one, other, how, PRECISION, new GridNoder(crossings, budget));
  }

  /** Moved by whole steps of the grid, or turned over. */
  public static MultiPolygon moved(MultiPolygon area, AffineTransformation by) {
    return areas(GeometryPrecisionReducer.reducePointwise(by.transform(area), PRECISION));
  }

  /** Made larger or smaller from 0, 0, and on the grid again. */
  public static MultiPolygon scaled(MultiPolygon area, double factorX, double factorY) {
    Geometry scaled = AffineTransformation.scaleInstance(factorX, factorY).transform(area);
    return areas(GeometryPrecisionReducer.reduce(scaled, PRECISION));
  }

  /** The polygons of anything; lines and points that an overlay leaves behind have no area. */
  public static MultiPolygon areas(Geometry any) {
    if (any instanceof MultiPolygon areas) {
      return areas;
    }
    List<Polygon> found = new ArrayList<>();
    for (Object polygon : PolygonExtracter.getPolygons(any)) {
      if (!((Polygon) polygon).isEmpty()) {
        found.add((Polygon) polygon);
      }
    }
    return of(found);
  }

  public static MultiPolygon of(List<Polygon> polygons) {
    return SHAPES.createMultiPolygon(polygons.toArray(NONE));
  }

  public static Polygon rectangle(double x, double y, double width, double height) {
    return (Polygon) SHAPES.toGeometry(new Envelope(x, x + width, y, y + height));
  }

  public static List<Polygon> polygons(Geometry areas) {
    List<Polygon> found = new ArrayList<>(areas.getNumGeometries());
    for (int i = 0; i < areas.getNumGeometries(); i++) {
      if (areas.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        found.add(polygon);
      }
    }
    return found;
  }

  private static boolean frames(Geometry frame, Geometry area) {
    return frame.getNumGeometries() == 1
        && frame.getGeometryN(0).isRectangle()
        && frame.getEnvelopeInternal().covers(area.getEnvelopeInternal());
  }

  private static boolean apart(Geometry one, Geometry other) {
    return !one.getEnvelopeInternal().intersects(other.getEnvelopeInternal());
  }
}
