package velvetkettle.core.cut.label;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * What one label says.
 *
 * @param words 1 to 60 characters
 */
public record Label(String words) {
  public Label {
    if (words.isBlank() || words.codePointCount(0, words.length()) > 60) {
      throw new ImpossibleValueException("a label says 1 to 60 characters");
    }
  }
}
