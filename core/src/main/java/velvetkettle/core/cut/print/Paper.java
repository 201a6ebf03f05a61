package velvetkettle.core.cut.print;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * A page to print on.
 *
 * @param width mm, 50 to 2000
 * @param height mm, 50 to 2000
 * @param margin that the printer leaves free, mm, 0 to 50
 */
public record Paper(double width, double height, double margin) {
  /** ISO 216. */
  public static final Paper A4 = new Paper(210, 297, 10);

  /** The handbook's letter sheet. */
  public static final Paper LETTER = new Paper(216, 279, 10);

  /** Each mark is a disc, and the free ground round it as wide as it is, mm. */
  static final double MARK = 5;

  public Paper {
    if (!(width >= 50 && width <= 2000 && height >= 50 && height <= 2000)) {
      throw new ImpossibleValueException("a page is 50 to 2000 mm wide and high");
    }
    if (!(margin >= 0 && margin <= 50 && 2 * margin + 4 * MARK < Math.min(width, height))) {
      throw new ImpossibleValueException("a margin leaves room for the marks on the page");
    }
  }

  /**
   * The marks that the cutter finds the page by: discs in the corners, and a fifth beside the left
   * upper one, so that a page that lies upside down is told.
   */
  public List<Rectangle> marks() {
    double far = margin;
    List<Rectangle> marks = new ArrayList<>();
    for (double y : new double[] {far, height - far - MARK}) {
      for (double x : new double[] {far, width - far - MARK}) {
        marks.add(new Rectangle(x, y, MARK, MARK));
      }
    }
    marks.add(new Rectangle(far + 2 * MARK, far, MARK, MARK));
    return marks;
  }

  /** What is free of marks: between their two rows. */
  public Rectangle free() {
    double edge = margin + 2 * MARK;
    return new Rectangle(margin, edge, width - 2 * margin, height - 2 * edge);
  }
}
