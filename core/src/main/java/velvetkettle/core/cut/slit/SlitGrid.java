package velvetkettle.core.cut.slit;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.drawn.Segments;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * Slits over a panel, as many as fit.
 *
 * <ol>
 *   <li>Columns stand the pitch apart, as many as fit between the margins, in the middle.
 *   <li>A column has as many slits as fit with their bridges, in the middle.
 *   <li>Where columns are offset, every second one lies half a step lower: where there is room,
 *       both kinds have as many; else the second has one less.
 * </ol>
 */
public record SlitGrid(SlitMeasures measures, List<Slit> slits) {
  /** What a blade leaves open by itself, mm [engineering estimate]. */
  public static final double AT_REST = 0.4;

  /** A narrower one shows nothing of what lies behind, mm [engineering estimate]. */
  private static final double SHOWS = 2;

  /** A slit does not open wider, of its length: its ends would tear [engineering estimate]. */
  private static final double WIDEST = 0.5;

  /** What a bridge needs on cloth that is not stretched, mm [engineering estimate]. */
  private static final double BRIDGE = 4;

  /** And for each percent that it is stretched, mm [engineering estimate]. */
  private static final double PER_PERCENT = 0.15;

  public SlitGrid {
    slits = List.copyOf(slits);
  }

  public static SlitGrid of(SlitMeasures m) {
    int columns = 1 + (int) Math.floor((m.width() - 2 * m.margin()) / m.pitch() + 1e-9);
    double left = (m.width() - (columns - 1) * m.pitch()) / 2;
    double room = m.height() - 2 * m.margin();
    double step = m.length() + m.bridge();
    int most = (int) Math.floor((room + m.bridge()) / step + 1e-9);
    double slack = room - (most * step - m.bridge());
    boolean roomForAll = slack >= step / 2 - 1e-9;
    List<Slit> slits = new ArrayList<>();
    for (int column = 0; column < columns; column++) {
      boolean second = m.offset() && column % 2 == 1;
      int n = second && !roomForAll ? most - 1 : most;
      double shift = m.offset() && roomForAll ? (second ? step / 4 : -step / 4) : 0;
      double top = (m.height() - (n * step - m.bridge())) / 2 + shift;
      for (int i = 0; i < n; i++) {
        slits.add(new Slit(left + column * m.pitch(), top + i * step, top + i * step + m.length()));
      }
    }
    return new SlitGrid(m, slits);
  }

  /**
   * How wide a slit gapes in its middle when the cloth is stretched, mm: at most so much, because
   * the cloth between the slits gives as well.
   */
  public double opening() {
    double wide = AT_REST + measures.stretch() / 100 * measures.pitch();
    return Math.min(wide, WIDEST * measures.length());
  }

  /** How much of the panel shows at rest, 0 to 1. */
  public double shownAtRest() {
    return shown(AT_REST, measures.width());
  }

  /** Likewise of the stretched panel, at most. */
  public double shownStretched() {
    return shown(opening(), measures.width() * (1 + measures.stretch() / 100));
  }

  private double shown(double wide, double across) {
    return Math.min(
        1, slits.size() * gapingArea(measures.length(), wide) / (across * measures.height()));
  }

  /** Between two arcs over a chord: the lips of a slit that gapes, mm². */
  static double gapingArea(double length, double wide) {
    double rise = wide / 2;
    double radius = (length * length / 4 + rise * rise) / (2 * rise);
    double angle = 2 * Math.asin(Math.min(1, length / (2 * radius)));
    return radius * radius * (angle - Math.sin(angle));
  }

  /** Whether what lies behind hardly shows even when it is stretched. */
  public boolean isTooNarrowToShow() {
    return opening() < SHOWS;
  }

  /** What a bridge between two slits needs to hold, mm. */
  public double bridgeNeeded() {
    return BRIDGE + PER_PERCENT * measures.stretch();
  }

  /** The thinnest place that holds it together: between two slits, or at the end of a column. */
  public double thinnest() {
    double thinnest = Double.MAX_VALUE;
    for (Slit slit : slits) {
      thinnest = Math.min(thinnest, Math.min(slit.top(), measures.height() - slit.bottom()));
      thinnest = Math.min(thinnest, Math.min(slit.x(), measures.width() - slit.x()));
      for (Slit other : slits) {
        thinnest = Math.min(thinnest, other == slit ? thinnest : between(slit, other));
      }
    }
    return thinnest;
  }

  private static double between(Slit one, Slit other) {
    double across = Math.abs(one.x() - other.x());
    double down = Math.max(0, Math.max(one.top() - other.bottom(), other.top() - one.bottom()));
    return Math.hypot(across, down);
  }

  /** How long all cuts are together, mm. */
  public double cut() {
    return slits.stream().mapToDouble(Slit::length).sum();
  }

  /**
   * @param board that goes inside, at its place over the panel
   */
  public DrawnPage page(InnerBoard board) {
    Rectangle at = board.at();
    double dx = Math.max(0, -at.x());
    double dy = Math.max(0, -at.y());
    List<Mark> marks = new ArrayList<>();
    marks.add(
        new Mark.Lines(
            LineRole.BOARD, Grid.rectangle(at.x() + dx, at.y() + dy, at.width(), at.height())));
    marks.add(
        new Mark.Lines(LineRole.EDGE, Grid.rectangle(dx, dy, measures.width(), measures.height())));
    Segments cuts = new Segments();
    slits.forEach(s -> cuts.line(s.x() + dx, s.top() + dy, s.x() + dx, s.bottom() + dy));
    if (!cuts.isEmpty()) {
      marks.add(cuts.as(LineRole.SLIT));
    }
    return new DrawnPage(
        Sentence.of("drawn.slits", slits.size()),
        Math.max(measures.width() + dx, at.right() + dx),
        Math.max(measures.height() + dy, at.bottom() + dy),
        marks);
  }

  /** How it looks when it is worn: each slit gapes, and the panel is as much wider. */
  public DrawnPage stretched() {
    double wider = 1 + measures.stretch() / 100;
    List<Polygon> gaping = new ArrayList<>();
    for (Slit slit : slits) {
      gaping.add(lens(slit.x() * wider, slit.top(), slit.bottom(), opening()));
    }
    double width = measures.width() * wider;
    return new DrawnPage(
        Sentence.of("drawn.stretched", Millimetres.of(width)),
        width,
        measures.height(),
        List.of(
            new Mark.Lines(LineRole.EDGE, Grid.rectangle(0, 0, width, measures.height())),
            new Mark.Filled(LineRole.PRINT, "#7a3b5e", Grid.of(gaping))));
  }

  private static final int POINTS = 12;

  private static Polygon lens(double x, double top, double bottom, double wide) {
    double half = (bottom - top) / 2;
    double rise = wide / 2;
    double radius = (half * half + rise * rise) / (2 * rise);
    Coordinate[] ring = new Coordinate[2 * POINTS + 1];
    for (int i = 0; i <= POINTS; i++) {
      double y = -half + 2 * half * i / POINTS;
      double out = Math.max(0, Math.sqrt(radius * radius - y * y) - (radius - rise));
      ring[i] = new Coordinate(x + out, top + half + y);
      ring[2 * POINTS - i] = new Coordinate(x - out, top + half + y);
    }
    ring[2 * POINTS] = ring[0].copy();
    ring[POINTS] = new Coordinate(x, bottom);
    return Grid.SHAPES.createPolygon(ring);
  }
}
