package velvetkettle.core.cut.drawn;

import java.util.List;
import velvetkettle.core.quantity.Sentence;

/**
 * A page that is drawn at true size.
 *
 * @param name says what it is for
 * @param width mm
 * @param height mm
 * @param marks those below first
 */
public record DrawnPage(Sentence name, double width, double height, List<Mark> marks) {
  public DrawnPage {
    marks = List.copyOf(marks);
    if (!(width > 0 && height > 0)) {
      throw new IllegalArgumentException("a page has a width and a height");
    }
  }
}
