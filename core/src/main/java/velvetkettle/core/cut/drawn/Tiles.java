package velvetkettle.core.cut.drawn;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiLineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LineStringExtracter;
import velvetkettle.core.cut.lay.Overlapping;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.Sentence;

/**
 * A page that is larger than the printer's paper, spread over several sheets of it. Neighbours
 * repeat a strip of each other, and both have the corner marks of their shares, which are laid one
 * on the other.
 */
public final class Tiles {
  /** What two neighbours both show, mm: enough to tape them [engineering estimate]. */
  public static final double OVERLAP = 10;

  /** Half the length of a corner mark, mm. */
  private static final double MARK = 4;

  private Tiles() {}

  /** Sheets by rows, each row from left to right; the page itself where one sheet holds it. */
  public static List<DrawnPage> of(DrawnPage page, Paper paper) {
    double wide = paper.width() - 2 * paper.margin();
    double high = paper.height() - 2 * paper.margin();
    int across = Overlapping.parts(page.width(), wide, OVERLAP);
    int down = Overlapping.parts(page.height(), high, OVERLAP);
    List<DrawnPage> tiles = new ArrayList<>();
    for (int row = 0; row < down; row++) {
      for (int column = 0; column < across; column++) {
        Rectangle share =
            new Rectangle(column * (wide - OVERLAP), row * (high - OVERLAP), wide, high);
        Sentence name = Sentence.of("drawn.tile", page.name(), row + 1, column + 1);
        tiles.add(new DrawnPage(name, paper.width(), paper.height(), marks(page, share, paper)));
      }
    }
    return tiles;
  }

  private static List<Mark> marks(DrawnPage page, Rectangle share, Paper paper) {
    Geometry window = Grid.rectangle(share.x(), share.y(), share.width(), share.height());
    AffineTransformation move =
        AffineTransformation.translationInstance(
            paper.margin() - share.x(), paper.margin() - share.y());
    List<Mark> marks = new ArrayList<>();
    for (Mark mark : page.marks()) {
      if (mark instanceof Mark.Lines lines) {
        // Where a line only touches the window, a point is left, which is nothing to draw.
        Geometry seen = LineStringExtracter.getGeometry(edges(lines.shape()).intersection(window));
        if (!seen.isEmpty()) {
          marks.add(new Mark.Lines(lines.role(), move.transform(seen)));
        }
      } else if (mark instanceof Mark.Filled filled) {
        Geometry seen = Grid.areas(filled.area().intersection(window));
        if (!seen.isEmpty()) {
          marks.add(new Mark.Filled(filled.role(), filled.colour(), move.transform(seen)));
        }
      } else if (mark instanceof Mark.Discs discs) {
        List<Coordinate> seen =
            discs.middles().stream()
                .filter(window.getEnvelopeInternal()::covers)
                .map(middle -> move.transform(middle, new Coordinate()))
                .toList();
        if (!seen.isEmpty()) {
          marks.add(new Mark.Discs(discs.role(), discs.colour(), discs.diameter(), seen));
        }
      }
    }
    marks.add(new Mark.Lines(LineRole.MARK, corners(page, share, paper)));
    return marks;
  }

  /** An area is its edge: what the window cuts off does not close it anew. */
  private static Geometry edges(Geometry shape) {
    return shape.getDimension() == 2 ? shape.getBoundary() : shape;
  }

  /** Crosses where the middle of each overlap meets the edges of the share. */
  private static MultiLineString corners(DrawnPage page, Rectangle share, Paper paper) {
    Envelope whole = new Envelope(0, page.width(), 0, page.height());
    Segments lines = new Segments();
    for (double x : new double[] {share.x() + OVERLAP / 2, share.right() - OVERLAP / 2}) {
      for (double y : new double[] {share.y() + OVERLAP / 2, share.bottom() - OVERLAP / 2}) {
        if (whole.covers(x, y)) {
          double px = x - share.x() + paper.margin();
          double py = y - share.y() + paper.margin();
          lines.line(px - MARK, py, px + MARK, py).line(px, py - MARK, px, py + MARK);
        }
      }
    }
    return lines.all();
  }
}
