package velvetkettle.core.heat;

import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Kelvin;

/**
 * How far a computed glue line may be off. Shown wide on purpose: about a dozen fitted numbers
 * stand against eleven loose facts (engineering estimates).
 */
public final class TemperatureUncertainty {
  public static final Kelvin UNMEASURED = Kelvin.of(15);
  public static final Kelvin UNDER_FILM = Kelvin.of(5);
  public static final Kelvin THROUGH_CLOTH = Kelvin.of(10);

  private TemperatureUncertainty() {}

  public static Kelvin of(Pressing pressing) {
    if (!pressing.press().calibration().measured()) {
      return UNMEASURED;
    }
    return pressing.medium().atPress().side() == Side.FACE ? UNDER_FILM : THROUGH_CLOTH;
  }
}
