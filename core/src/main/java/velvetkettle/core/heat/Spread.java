package velvetkettle.core.heat;

import java.util.List;
import java.util.function.ToDoubleFunction;
import velvetkettle.core.heat.band.Band;
import velvetkettle.core.heat.band.SamplingPlan;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.press.Calibration;

/**
 * How far a pressing may stray from what was computed, from a few runs with what is not known moved
 * off its middle.
 *
 * @param bond of the logarithm
 * @param scorch likewise
 * @param tint likewise
 * @param glueLine K
 * @param cloth of the hottest cloth, K
 */
public record Spread(Band bond, Band scorch, Band tint, Band glueLine, Band cloth) {
  /** As if everything were known. */
  static final Spread NONE = new Spread(Band.NONE, Band.NONE, Band.NONE, Band.NONE, Band.NONE);

  /** Doses below this are none. */
  private static final double NOTHING = 1e-12;

  /** The guesses that a spread is made from. */
  static List<ParameterSample> draws(Calibration calibration) {
    Unknowns unknowns = Unknowns.of(calibration);
    return SamplingPlan.guesses().stream().map(unknowns::draw).toList();
  }

  /**
   * @param off a reading for each of the guesses
   */
  static Spread of(Reading nominal, List<Reading> off) {
    return new Spread(
        band(nominal, off, reading -> log(reading.bond())),
        band(nominal, off, reading -> log(reading.scorch())),
        band(nominal, off, reading -> log(reading.tint())),
        band(nominal, off, Reading::glueLine),
        band(nominal, off, Reading::hottestCloth));
  }

  private static Band band(Reading nominal, List<Reading> off, ToDoubleFunction<Reading> value) {
    return SamplingPlan.band(
        value.applyAsDouble(nominal), off.stream().mapToDouble(value).toArray());
  }

  public static double log(double dose) {
    return Math.log(Math.max(NOTHING, dose));
  }

  /** What nine of ten reach. */
  double bondReached(Reading reading) {
    return reading.bond() * Math.exp(bond.low());
  }

  /** What nine of ten stay below. */
  double scorchBelow(Reading reading) {
    return reading.scorch() * Math.exp(scorch.high());
  }

  /** What nine of ten stay below. */
  double tintBelow(Reading reading) {
    return reading.tint() * Math.exp(tint.high());
  }

  /** What nine of ten stay below, °C. */
  double clothBelow(Reading reading) {
    return reading.hottestCloth() + cloth.high();
  }
}
