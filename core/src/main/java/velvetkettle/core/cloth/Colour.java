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

  /** About how it looks, as #rrggbb, for drawings and for what has to show on it. */
  public String onScreen() {
    if (depth == Depth.WHITE) {
      return "#fdfcfa";
    }
    double lightness =
        switch (depth) {
          case WHITE, LIGHT -> 0.80;
          case MEDIUM -> 0.52;
          case DARK -> 0.30;
        };
    double range = saturation() * Math.min(lightness, 1 - lightness);
    return "#%02x%02x%02x"
        .formatted(
            channel(0, lightness, range),
            channel(8, lightness, range),
            channel(4, lightness, range));
  }

  /** From hue, saturation and lightness [CSS Color 3, section 4.2.4]. */
  private int channel(int n, double lightness, double range) {
    double k = (n + degrees() / 30.0) % 12;
    double value = lightness - range * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
    return (int) Math.round(255 * value);
  }

  private int degrees() {
    return switch (hue) {
      case NEUTRAL -> 30;
      case RED -> 355;
      case ORANGE, BROWN -> 25;
      case YELLOW -> 46;
      case GREEN -> 150;
      case BLUE -> 225;
      case PURPLE -> 290;
    };
  }

  private double saturation() {
    return switch (hue) {
      case NEUTRAL -> 0.04;
      case RED -> 0.55;
      case ORANGE -> 0.65;
      case YELLOW -> 0.70;
      case GREEN, BROWN -> 0.35;
      case BLUE -> 0.42;
      case PURPLE -> 0.32;
    };
  }
}
