package velvetkettle.core.roster;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * One garment of a team or a cast: what is written on it, and its size.
 *
 * @param name up to 40 characters; empty where only a number is written
 * @param number up to 6 characters, because a number may begin with 0 or hold a letter; empty where
 *     only a name is written
 * @param size as it stands on the garment, up to 12 characters; empty where all are alike
 */
public record Entry(String name, String number, String size) {
  public static final int LONGEST_NAME = 40;
  public static final int LONGEST_NUMBER = 6;
  public static final int LONGEST_SIZE = 12;

  public Entry {
    check("name", name, LONGEST_NAME);
    check("number", number, LONGEST_NUMBER);
    check("size", size, LONGEST_SIZE);
    if (name.isBlank() && number.isBlank()) {
      throw new ImpossibleValueException("neither a name nor a number is written on it");
    }
  }

  private static void check(String what, String text, int longest) {
    if (text.codePointCount(0, text.length()) > longest) {
      throw new ImpossibleValueException(what + " is longer than " + longest + " characters");
    }
  }
}
