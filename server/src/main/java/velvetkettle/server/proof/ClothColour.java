package velvetkettle.server.proof;

import java.awt.Color;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Hue;

/** A drawing colour for a cloth of this depth and hue; the same as on the screen. */
final class ClothColour {
  private ClothColour() {}

  static Color of(Depth depth, Hue hue) {
    if (depth == Depth.WHITE) {
      return new Color(0xfdfcfa);
    }
    float lightness =
        switch (depth) {
          case WHITE -> 0.97f;
          case LIGHT -> 0.80f;
          case MEDIUM -> 0.52f;
          case DARK -> 0.30f;
        };
    return switch (hue) {
      case NEUTRAL -> hsl(30, 0.04f, lightness);
      case RED -> hsl(355, 0.55f, lightness);
      case ORANGE -> hsl(25, 0.65f, lightness);
      case YELLOW -> hsl(46, 0.70f, lightness);
      case GREEN -> hsl(150, 0.35f, lightness);
      case BLUE -> hsl(225, 0.42f, lightness);
      case PURPLE -> hsl(290, 0.32f, lightness);
      case BROWN -> hsl(25, 0.35f, lightness);
    };
  }

  /** Hue in degrees, saturation and lightness from 0 to 1, by way of the value that AWT knows. */
  private static Color hsl(float hue, float saturation, float lightness) {
    float value = lightness + saturation * Math.min(lightness, 1 - lightness);
    float strength = value == 0 ? 0 : 2 * (1 - lightness / value);
    return Color.getHSBColor(hue / 360, strength, value);
  }
}
