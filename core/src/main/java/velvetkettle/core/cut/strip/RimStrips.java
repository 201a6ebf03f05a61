package velvetkettle.core.cut.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.lay.Overlapping;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * The four strips of one panel, along its edge.
 *
 * @param strips each as an area on the panel, from its left upper corner; the upper and lower one
 *     first
 * @param closings where the platen comes down, side after side
 */
public record RimStrips(StripMeasures measures, List<Polygon> strips, List<Rectangle> closings) {
  /** What a closing repeats of the one before, mm [common practice, no source]. */
  static final double OVERLAP = 20;

  public RimStrips {
    strips = List.copyOf(strips);
    closings = List.copyOf(closings);
  }

  /**
   * @param platenWidth mm
   * @param platenDepth mm
   */
  public static RimStrips of(StripMeasures measures, double platenWidth, double platenDepth) {
    return new RimStrips(measures, strips(measures), closings(measures, platenWidth, platenDepth));
  }

  private static List<Polygon> strips(StripMeasures m) {
    double w = m.panelWidth();
    double h = m.panelHeight();
    double s = m.strip();
    if (m.corner() == Corner.BUTT) {
      return List.of(
          Grid.rectangle(0, 0, w, s),
          Grid.rectangle(0, h - s, w, s),
          Grid.rectangle(0, s, s, h - 2 * s),
          Grid.rectangle(w - s, s, s, h - 2 * s));
    }
    return List.of(
        area(0, 0, w, 0, w - s, s, s, s),
        area(0, h, s, h - s, w - s, h - s, w, h),
        area(0, 0, s, s, s, h - s, 0, h),
        area(w, 0, w, h, w - s, h - s, w - s, s));
  }

  private static Polygon area(double... xy) {
    Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
    for (int i = 0; i < xy.length / 2; i++) {
      ring[i] = new Coordinate(xy[2 * i], xy[2 * i + 1]);
    }
    ring[ring.length - 1] = ring[0].copy();
    return Grid.SHAPES.createPolygon(ring);
  }

  /** How long each strip is cut, at its longer side, mm; the upper and lower one first. */
  public List<Double> lengths() {
    double along = measures.panelWidth();
    double down =
        measures.panelHeight() - (measures.corner() == Corner.BUTT ? 2 * measures.strip() : 0);
    return List.of(along, along, down, down);
  }

  /** All round in one where the platen holds the panel; else along each side. */
  private static List<Rectangle> closings(StripMeasures m, double platenWidth, double platenDepth) {
    double w = m.panelWidth();
    double h = m.panelHeight();
    if (holds(platenWidth, platenDepth, w, h)) {
      return List.of(new Rectangle(0, 0, w, h));
    }
    double reach = Math.max(platenWidth, platenDepth);
    double across = Math.min(Math.min(platenWidth, platenDepth), 3 * m.strip());
    List<Rectangle> all = new ArrayList<>();
    for (double[] part : parts(w, reach)) {
      all.add(new Rectangle(part[0], 0, part[1], Math.min(h, across)));
    }
    for (double[] part : parts(h, reach)) {
      all.add(new Rectangle(w - Math.min(w, across), part[0], Math.min(w, across), part[1]));
    }
    for (double[] part : parts(w, reach)) {
      all.add(new Rectangle(part[0], h - Math.min(h, across), part[1], Math.min(h, across)));
    }
    for (double[] part : parts(h, reach)) {
      all.add(new Rectangle(0, part[0], Math.min(w, across), part[1]));
    }
    return all;
  }

  private static boolean holds(double platenWidth, double platenDepth, double w, double h) {
    return w <= platenWidth && h <= platenDepth || w <= platenDepth && h <= platenWidth;
  }

  /** Where a side is pressed: parts that overlap, each as long as the platen at most. */
  private static List<double[]> parts(double length, double reach) {
    double part = Math.min(length, reach);
    return Arrays.stream(Overlapping.starts(length, reach, Math.min(OVERLAP, reach - 1)))
        .mapToObj(start -> new double[] {start, part})
        .toList();
  }

  /** The panel with its print, its strips, and where the platen comes down. */
  public DrawnPage page() {
    List<Mark> marks = new ArrayList<>();
    Geometry panel = Grid.rectangle(0, 0, measures.panelWidth(), measures.panelHeight());
    marks.add(new Mark.Lines(LineRole.EDGE, panel));
    marks.add(
        new Mark.Lines(
            LineRole.PRINT,
            Grid.rectangle(
                measures.border(), measures.border(), measures.width(), measures.height())));
    marks.add(new Mark.Lines(LineRole.WEB, Grid.of(strips)));
    for (Rectangle at : closings) {
      marks.add(
          new Mark.Lines(LineRole.PLATEN, Grid.rectangle(at.x(), at.y(), at.width(), at.height())));
    }
    return new DrawnPage(
        Sentence.of(
            "drawn.panel",
            Millimetres.of(measures.panelWidth()),
            Millimetres.of(measures.panelHeight())),
        measures.panelWidth(),
        measures.panelHeight(),
        marks);
  }
}
