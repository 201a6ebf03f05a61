package velvetkettle.core.cut.weed;

import velvetkettle.core.media.Medium;

/**
 * What a material holds when it is cut and weeded [handbook 5.2, common practice, no source].
 *
 * @param stroke the thinnest stroke, mm
 * @param gap the narrowest gap, mm
 * @param bit the smallest piece or hole, mm²
 * @param tip the sharpest tip, degrees [engineering estimate]
 */
public record WeedLimits(double stroke, double gap, double bit, double tip) {
  private static final double GAP = 0.8;
  private static final double BIT = 2;
  private static final double TIP = 25;

  /** With a new blade a stroke may be that much of what it is otherwise: 0.8 of 1 mm. */
  private static final double NEW_BLADE = 0.8;

  public WeedLimits {
    if (!(stroke > 0 && gap > 0 && bit > 0 && tip > 0)) {
      throw new IllegalArgumentException("what a material holds is more than nothing");
    }
  }

  /** Coarse films need gaps of half their stroke [engineering estimate]. */
  public static WeedLimits of(Medium medium, boolean newBlade) {
    double stroke = medium.appearance().thinnestStroke().count() * (newBlade ? NEW_BLADE : 1);
    return new WeedLimits(stroke, Math.max(GAP, stroke / 2), BIT, TIP);
  }
}
