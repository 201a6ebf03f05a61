package velvetkettle.core.cloth;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * A cloth's colour as the maker calls it, and what matters of it.
 *
 * @param name up to 40 characters
 */
public record Colour(String name, Depth depth, Hue hue) {
  public Colour {
    if (name.isBlank() || name.length() > 40) {
      throw new ImpossibleValueException("a colour's name has 1 to 40 characters");
    }
  }
}
