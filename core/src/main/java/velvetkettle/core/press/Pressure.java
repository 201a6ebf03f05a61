package velvetkettle.core.press;

import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Worded;

/**
 * Contact pressure in the trade's words, with the value each stands for (engineering estimates;
 * ranges in the glossary).
 */
public enum Pressure implements Worded {
  HAND(3),
  LIGHT(5),
  MEDIUM(20),
  FIRM(35);

  private final KiloPascal nominal;

  Pressure(double nominal) {
    this.nominal = KiloPascal.of(nominal);
  }

  public KiloPascal nominal() {
    return nominal;
  }

  @Override
  public String vocabulary() {
    return "pressure";
  }
}
