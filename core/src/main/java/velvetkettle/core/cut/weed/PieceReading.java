package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Grid;

/**
 * What is wrong with one piece, apart from its neighbours.
 *
 * @param suspects what is too thin, or may be once the piece is large enough to stay at all
 */
record PieceReading(List<Fault> faults, List<Suspect> suspects) {
  /** Rays that only nearly fall short are looked into: they go by samples of the edge. */
  private static final double NEARLY = 1.1;

  /**
   * Film or waste that has to be looked at when the art is made larger.
   *
   * @param least how thin it may be, mm
   * @param thinnest by its rays, mm; 0 where none were cast
   */
  record Suspect(Polygon region, double least, double thinnest) {
    /** Whether it holds where the art is that many times as large. */
    boolean cleanAt(double factor, double sharpestTip) {
      double width = least / factor;
      if (thinnest > width * NEARLY) {
        return true;
      }
      List<Tips.Tip> tips = Tips.of(region, sharpestTip, Tips.LEG / factor);
      return ThinParts.of(region, width).stream().allMatch(part -> Tips.isTip(part, tips, width));
    }
  }

  static PieceReading of(Polygon piece, int index, WeedLimits limits) {
    return new Reading(piece, index, limits).read();
  }

  private static final class Reading {
    private final Polygon piece;
    private final int index;
    private final WeedLimits limits;
    private final List<Fault> faults = new ArrayList<>();
    private final List<Suspect> suspects = new ArrayList<>();

    Reading(Polygon piece, int index, WeedLimits limits) {
      this.piece = piece;
      this.index = index;
      this.limits = limits;
    }

    PieceReading read() {
      Facets facets = new Facets(piece);
      List<Facets.Narrow> strokes = facets.thinner(limits.stroke() * NEARLY);
      List<Facets.Narrow> gaps = facets.gapsBelow(limits.gap() * NEARLY);
      if (piece.getArea() < limits.bit()) {
        lost(strokes, gaps);
      } else {
        kept(strokes, gaps);
      }
      return new PieceReading(faults, suspects);
    }

    private void lost(List<Facets.Narrow> strokes, List<Facets.Narrow> gaps) {
      whole(FaultKind.LOST_BIT, piece, piece.getArea());
      if (!strokes.isEmpty()) {
        suspects.add(new Suspect(piece, limits.stroke(), thinnest(strokes)));
      }
      if (!gaps.isEmpty()) {
        waste().forEach(region -> suspects.add(new Suspect(region, limits.gap(), thinnest(gaps))));
      }
    }

    private void kept(List<Facets.Narrow> strokes, List<Facets.Narrow> gaps) {
      List<Tips.Tip> tips = Tips.of(piece, limits.tip(), Tips.LEG);
      strokes(strokes, tips);
      gaps(gaps);
      holes();
      for (Tips.Tip tip : tips) {
        Envelope at = new Envelope(tip.at());
        at.expandBy(1);
        faults.add(
            new Fault(FaultKind.SHARP_TIP, tip.degrees(), limits.tip(), tip.at(), at, index));
      }
    }

    private void strokes(List<Facets.Narrow> narrow, List<Tips.Tip> tips) {
      if (!narrow.isEmpty()) {
        thin(
            FaultKind.THIN_STROKE,
            new Suspect(piece, limits.stroke(), thinnest(narrow)),
            tips,
            narrow);
      }
    }

    private void gaps(List<Facets.Narrow> narrow) {
      if (narrow.isEmpty()) {
        return;
      }
      for (Polygon region : waste()) {
        Suspect suspect = new Suspect(region, limits.gap(), thinnest(narrow));
        if (region.getArea() < limits.bit()) {
          suspects.add(suspect);
        } else {
          List<Tips.Tip> tips = Tips.of(region, limits.tip(), Tips.LEG);
          thin(FaultKind.NARROW_GAP, suspect, tips, narrow);
        }
      }
    }

    private static double thinnest(List<Facets.Narrow> narrow) {
      return narrow.stream().mapToDouble(Facets.Narrow::width).min().orElse(0);
    }

    /** What is beside the piece within reach of a gap, and in its holes. */
    private List<Polygon> waste() {
      Envelope reach = new Envelope(piece.getEnvelopeInternal());
      reach.expandBy(3 * limits.gap());
      Polygon frame =
          Grid.rectangle(
              Grid.snap(reach.getMinX()),
              Grid.snap(reach.getMinY()),
              Grid.snap(reach.getWidth()),
              Grid.snap(reach.getHeight()));
      return Grid.polygons(Grid.difference(frame, piece));
    }

    private void thin(
        FaultKind kind, Suspect suspect, List<Tips.Tip> tips, List<Facets.Narrow> narrow) {
      boolean any = false;
      for (Polygon part : ThinParts.of(suspect.region(), suspect.least())) {
        if (!Tips.isTip(part, tips, suspect.least())) {
          any = true;
          faults.add(thin(kind, part, suspect.least(), narrow));
        }
      }
      if (any) {
        suspects.add(suspect);
      }
    }

    private Fault thin(FaultKind kind, Polygon part, double least, List<Facets.Narrow> narrow) {
      Envelope near = new Envelope(part.getEnvelopeInternal());
      near.expandBy(1e-3);
      Facets.Narrow thinnest = null;
      for (Facets.Narrow each : narrow) {
        if (near.covers(each.x(), each.y())
            && (thinnest == null || each.width() < thinnest.width())) {
          thinnest = each;
        }
      }
      double width = thinnest == null ? 2 * part.getArea() / part.getLength() : thinnest.width();
      Coordinate at =
          thinnest == null ? part.getInteriorPoint().getCoordinate() : thinnest.middle();
      return new Fault(kind, Math.min(width, least), least, at, part.getEnvelopeInternal(), index);
    }

    private void holes() {
      for (int i = 0; i < piece.getNumInteriorRing(); i++) {
        Polygon hole = Grid.SHAPES.createPolygon(piece.getInteriorRingN(i));
        if (hole.getArea() < limits.bit()) {
          whole(FaultKind.MISSED_BIT, hole, hole.getArea());
        }
      }
    }

    private void whole(FaultKind kind, Polygon area, double measured) {
      Coordinate at = area.getCentroid().getCoordinate();
      faults.add(new Fault(kind, measured, limits.bit(), at, area.getEnvelopeInternal(), index));
    }
  }
}
