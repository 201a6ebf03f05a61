package velvetkettle.core.heat;

import java.util.List;
import velvetkettle.core.heat.turn.Draw;
import velvetkettle.core.heat.turn.Reading;
import velvetkettle.core.press.Calibration;

/**
 * How far a pressing may stray from what was computed, from one run for each thing that is not
 * known: one standard deviation of it, its effect squared and added up. Sizes: engineering
 * estimates; narrower for a press that was measured. Adhesive kinetics, uneven platens and the form
 * of the model are not in it.
 *
 * @param bond standard deviation of the logarithm
 * @param scorch likewise
 * @param tint likewise
 * @param glueLine K
 * @param cloth of the hottest cloth, K
 */
record Spread(double bond, double scorch, double tint, double glueLine, double cloth) {
  /** How many standard deviations nine of ten draws stay within, on one side. */
  private static final double NINE_OF_TEN = 1.2816;

  /** As if everything were known. */
  static final Spread NONE = new Spread(0, 0, 0, 0, 0);

  private static final double UNMEASURED_KELVIN = 7;
  private static final double MEASURED_KELVIN = 2;
  private static final double UNMEASURED_CONTACT = 1.42;
  private static final double MEASURED_CONTACT = 1.15;
  private static final double PRESSURE = 1.5;
  private static final double CONDUCTIVITY = 1.20;
  private static final double THICKNESS = 1.12;
  private static final double MOISTURE = 1.25;

  /** Each thing that is not known, one standard deviation off. */
  static List<Draw> draws(Calibration calibration) {
    boolean measured = calibration.measured();
    double kelvin = measured ? MEASURED_KELVIN : UNMEASURED_KELVIN;
    double contact = measured ? MEASURED_CONTACT : UNMEASURED_CONTACT;
    return List.of(
        new Draw(kelvin, 1, 1, 1, 1, 1),
        new Draw(0, contact, 1, 1, 1, 1),
        new Draw(0, 1, PRESSURE, 1, 1, 1),
        new Draw(0, 1, 1, CONDUCTIVITY, 1, 1),
        new Draw(0, 1, 1, 1, THICKNESS, 1),
        new Draw(0, 1, 1, 1, 1, MOISTURE));
  }

  static Spread of(Reading nominal, List<Reading> off) {
    double bond = 0;
    double scorch = 0;
    double tint = 0;
    double glueLine = 0;
    double cloth = 0;
    for (Reading one : off) {
      bond += square(logRatio(one.bond(), nominal.bond()));
      scorch += square(logRatio(one.scorch(), nominal.scorch()));
      tint += square(logRatio(one.tint(), nominal.tint()));
      glueLine += square(one.glueLine() - nominal.glueLine());
      cloth += square(one.hottestCloth() - nominal.hottestCloth());
    }
    return new Spread(
        Math.sqrt(bond), Math.sqrt(scorch), Math.sqrt(tint), Math.sqrt(glueLine), Math.sqrt(cloth));
  }

  /** What nine of ten reach. */
  static double reached(double nominal, double logDeviation) {
    return nominal * Math.exp(-NINE_OF_TEN * logDeviation);
  }

  /** What nine of ten stay below. */
  static double stayedBelow(double nominal, double logDeviation) {
    return nominal * Math.exp(NINE_OF_TEN * logDeviation);
  }

  /** What nine of ten stay below, for a temperature. */
  double hottestCloth(double nominal) {
    return nominal + NINE_OF_TEN * cloth;
  }

  private static double logRatio(double off, double nominal) {
    return off > 0 && nominal > 0 ? Math.log(off / nominal) : 0;
  }

  private static double square(double value) {
    return value * value;
  }
}
