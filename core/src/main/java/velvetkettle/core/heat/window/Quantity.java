package velvetkettle.core.heat.window;

import velvetkettle.core.heat.phase.Reading;

/** What is read at every place: logarithms of doses, and temperatures. */
enum Quantity {
  BOND,
  SCORCH,
  TINT,
  GLUE_LINE,
  CLOTH,
  FADING;

  /** Of a dose that is seen at 1 nobody sees this; what is less is not told apart. */
  private static final double NOTHING = 1e-4;

  /** Whether it is read where the art is hottest; the others where it is coolest. */
  boolean harms() {
    return this == SCORCH || this == TINT || this == CLOTH || this == FADING;
  }

  /** Whether it is the logarithm of a dose. */
  boolean isDose() {
    return this == BOND || this == SCORCH || this == TINT || this == FADING;
  }

  double of(Reading reading) {
    return switch (this) {
      case BOND -> log(reading.bond());
      case SCORCH -> log(reading.scorch());
      case TINT -> log(reading.tint());
      case GLUE_LINE -> reading.glueLine();
      case CLOTH -> reading.hottestCloth();
      case FADING -> log(reading.fading());
    };
  }

  static double[] all(Reading reading) {
    double[] all = new double[values().length];
    for (Quantity quantity : values()) {
      all[quantity.ordinal()] = quantity.of(reading);
    }
    return all;
  }

  /** The reading behind the numbers, as far as a word needs it. */
  static Reading reading(double[] all) {
    return new Reading(
        Math.exp(all[BOND.ordinal()]),
        Double.NaN,
        all[GLUE_LINE.ordinal()],
        all[CLOTH.ordinal()],
        Math.exp(all[SCORCH.ordinal()]),
        Math.exp(all[TINT.ordinal()]),
        Math.exp(all[FADING.ordinal()]),
        0,
        0);
  }

  private static double log(double dose) {
    return Math.log(Math.max(NOTHING, dose));
  }
}
