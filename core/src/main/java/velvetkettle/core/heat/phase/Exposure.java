package velvetkettle.core.heat.phase;

import java.util.List;

/**
 * What presses for other things give a decoration that lies there already. Doses add up over
 * presses; of temperatures the highest counts.
 *
 * @param tint dye gone into it; visible on white at 1
 * @param fading dose that a print sublimated into the cloth gets again, s at 196 °C
 * @param scorch dose of the cloth's fibre that yellows first; visible at 1
 * @param hottestCloth below it, °C; -273 where nothing was pressed
 */
public record Exposure(double tint, double fading, double scorch, double hottestCloth) {
  public static final Exposure NONE = new Exposure(0, 0, 0, Reading.NOWHERE);

  /**
   * @param lying how the decoration was pressed itself
   * @param acts the presses over it, each over a Stack that it lies in
   */
  public static Exposure of(Pressing lying, List<PhaseResult> acts) {
    return new Exposure(
        Reading.tint(lying, acts, true),
        Reading.fading(lying, acts, true),
        Reading.scorch(lying.garment(), acts),
        hottest(acts));
  }

  private static double hottest(List<PhaseResult> acts) {
    double hottest = Reading.NOWHERE;
    for (PhaseResult act : acts) {
      for (int moment = 0; act.closed() && moment <= act.end(); moment++) {
        hottest = Math.max(hottest, act.clothUnderMedium(moment));
      }
    }
    return hottest;
  }

  public Exposure plus(Exposure other) {
    return new Exposure(
        tint + other.tint,
        fading + other.fading,
        scorch + other.scorch,
        Math.max(hottestCloth, other.hottestCloth));
  }
}
