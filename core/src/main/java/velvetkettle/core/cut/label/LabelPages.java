package velvetkettle.core.cut.label;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.drawn.Segments;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.quantity.Sentence;

/** Draws strips of labels: words, folds, and where to cut. */
public final class LabelPages {
  /** Left free round the words, mm [engineering estimate]. */
  private static final double FREE = 3;

  /** How far a cut mark stands out at each side of the strip, mm. */
  private static final double TICK = 3;

  /** Between two strips on a page of their own, mm. */
  private static final double BETWEEN = 8;

  private static final String INK = "#000000";

  private final LabelMeasures measures;
  private final boolean mirrored;
  private final Function<String, Shape> outline;
  private final double scale;

  private LabelPages(
      List<Label> labels,
      LabelMeasures measures,
      boolean mirrored,
      Function<String, Shape> outline) {
    this.measures = measures;
    this.mirrored = mirrored;
    Map<String, Shape> known = new HashMap<>();
    this.outline = words -> known.computeIfAbsent(words, outline);
    this.scale = labels.stream().mapToDouble(this::largest).min().orElse(1);
  }

  /**
   * @param pages of strips, each as it is printed and cut
   * @param letters how high a letter of full height is, mm; the same on all labels, so that they
   *     look alike
   */
  public record Drawn(List<DrawnPage> pages, double letters) {}

  /**
   * @param outline of words, y down, their line at 0
   * @param full the height of a letter of full height in the units of the outline
   */
  public static Drawn of(
      LabelStrips strips,
      LabelMeasures measures,
      LabelStock stock,
      boolean mirrored,
      Function<String, Shape> outline,
      double full) {
    List<Label> labels = strips.strips().stream().flatMap(s -> s.labels().stream()).toList();
    LabelPages draw = new LabelPages(labels, measures, mirrored, outline);
    List<DrawnPage> pages =
        stock instanceof LabelStock.Pages on ? draw.pages(strips, on.paper()) : draw.tapes(strips);
    return new Drawn(pages, labels.isEmpty() ? 0 : full * draw.scale);
  }

  private double largest(Label label) {
    Rectangle2D box = outline.apply(label.words()).getBounds2D();
    double across = Math.max(1, measures.seen() - 2 * FREE);
    double down = Math.max(1, measures.tape() - 2 * FREE);
    return Math.min(across / box.getWidth(), down / box.getHeight());
  }

  private List<DrawnPage> tapes(LabelStrips strips) {
    double width =
        strips.strips().stream().mapToDouble(LabelStrip::length).max().orElse(1) + 2 * TICK;
    double pitch = measures.tape() + BETWEEN;
    List<Mark> marks = new ArrayList<>();
    double y = BETWEEN / 2;
    for (LabelStrip strip : strips.strips()) {
      strip(strip, new Rectangle(TICK, y, strip.length(), measures.tape()), false, marks);
      y += pitch;
    }
    Sentence name = Sentence.of("drawn.strips", strips.strips().size());
    return strips.strips().isEmpty()
        ? List.of()
        : List.of(page(name, width, y - BETWEEN / 2, marks));
  }

  private List<DrawnPage> pages(LabelStrips strips, Paper paper) {
    Rectangle free = paper.free();
    List<List<Mark>> pages = new ArrayList<>();
    int across = 0;
    for (LabelStrip strip : strips.strips()) {
      if (strip.from() == pages.size()) {
        List<Mark> marks = new ArrayList<>();
        paper.marks().forEach(mark -> marks.add(disc(mark)));
        pages.add(marks);
        across = 0;
      }
      double x = free.x() + across++ * (measures.tape() + measures.gap());
      strip(
          strip,
          new Rectangle(x, free.y(), measures.tape(), strip.length()),
          true,
          pages.get(strip.from()));
    }
    List<DrawnPage> all = new ArrayList<>();
    for (int i = 0; i < pages.size(); i++) {
      Sentence name = Sentence.of("drawn.page", i + 1, pages.size());
      all.add(page(name, paper.width(), paper.height(), pages.get(i)));
    }
    return all;
  }

  private static Mark disc(Rectangle at) {
    return new Mark.Discs(
        LineRole.MARK,
        INK,
        at.width(),
        List.of(new Coordinate(at.x() + at.width() / 2, at.y() + at.height() / 2)));
  }

  /** Turned over as a whole where the print has to be: strips, words and marks alike. */
  private DrawnPage page(Sentence name, double width, double height, List<Mark> marks) {
    if (!mirrored) {
      return new DrawnPage(name, width, height, marks);
    }
    AffineTransformation over = AffineTransformation.scaleInstance(-1, 1);
    over.translate(width, 0);
    List<Mark> turned = new ArrayList<>();
    for (Mark mark : marks) {
      if (mark instanceof Mark.Lines lines) {
        turned.add(new Mark.Lines(lines.role(), over.transform(lines.shape())));
      } else if (mark instanceof Mark.Filled filled) {
        turned.add(new Mark.Filled(filled.role(), filled.colour(), over.transform(filled.area())));
      } else {
        turned.add(mark);
      }
    }
    return new DrawnPage(name, width, height, turned);
  }

  /**
   * @param down whether the strip runs down the page, and its words with it
   */
  private void strip(LabelStrip strip, Rectangle at, boolean down, List<Mark> marks) {
    Geometry edge = Grid.rectangle(at.x(), at.y(), at.width(), at.height());
    marks.add(new Mark.Lines(down ? LineRole.CUT : LineRole.EDGE, edge));
    Segments cuts = new Segments();
    Segments folds = new Segments();
    List<Polygon> words = new ArrayList<>();
    for (int i = 0; i < strip.labels().size(); i++) {
      double from = i * (measures.cut() + measures.gap());
      double to = from + measures.cut();
      across(cuts, at, from, down);
      across(cuts, at, to, down);
      for (double fold : folds()) {
        across(folds, at, from + fold, down);
      }
      words.addAll(Grid.polygons(words(strip.labels().get(i), at, from + front(), down)));
    }
    marks.add(cuts.as(LineRole.CUT));
    if (!folds.isEmpty()) {
      marks.add(folds.as(LineRole.FOLD));
    }
    marks.add(new Mark.Filled(LineRole.PRINT, INK, Grid.of(words)));
  }

  /** Where it is folded, from where it is cut. */
  private double[] folds() {
    return switch (measures.fold()) {
      case FLAT -> new double[0];
      case END -> new double[] {measures.allowance(), measures.cut() - measures.allowance()};
      case CENTRE -> new double[] {measures.cut() / 2};
    };
  }

  /** Where what is seen begins: a doubled label has its words before its fold. */
  private double front() {
    return measures.fold() == Fold.FLAT ? 0 : measures.allowance();
  }

  private static void across(Segments lines, Rectangle at, double along, boolean down) {
    if (down) {
      lines.line(at.x() - TICK / 2, at.y() + along, at.right() + TICK / 2, at.y() + along);
    } else {
      lines.line(at.x() + along, at.y() - TICK, at.x() + along, at.bottom() + TICK);
    }
  }

  private MultiPolygon words(Label label, Rectangle at, double from, boolean down) {
    Shape drawn = outline.apply(label.words());
    Rectangle2D box = drawn.getBounds2D();
    AffineTransform place = new AffineTransform();
    double along = from + measures.seen() / 2;
    if (down) {
      place.translate(at.x() + at.width() / 2, at.y() + along);
      place.quadrantRotate(1);
    } else {
      place.translate(at.x() + along, at.y() + at.height() / 2);
    }
    place.scale(scale, scale);
    place.translate(-box.getCenterX(), -box.getCenterY());
    return Rings.area(Flattening.rings(place.createTransformedShape(drawn)), FillRule.NON_ZERO);
  }
}
