package velvetkettle.core.colour;

import velvetkettle.core.quantity.Worded;

/** Whether one colour shows on another from some steps away: lightness first, then all of it. */
public enum Contrast implements Worded {
  /** It is much lighter or darker. */
  CLEAR,
  /** It is as light, and of another colour: seen close by, lost on a stage or a photograph. */
  BY_COLOUR,
  LOST;

  /** So much lighter or darker is seen at once [engineering estimate]. */
  private static final double LIGHTNESS = 20;

  /** So far apart two colours of one lightness are still told apart [engineering estimate]. */
  private static final double DIFFERENCE = 12;

  public static Contrast of(Lab one, Lab other) {
    if (Math.abs(one.lightness() - other.lightness()) >= LIGHTNESS) {
      return CLEAR;
    }
    return ColourDifference.between(one, other) >= DIFFERENCE ? BY_COLOUR : LOST;
  }

  @Override
  public String vocabulary() {
    return "contrast";
  }
}
