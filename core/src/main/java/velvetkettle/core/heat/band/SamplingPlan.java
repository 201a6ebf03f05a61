package velvetkettle.core.heat.band;

import static velvetkettle.core.heat.band.Unknowns.CONDUCTIVITY;
import static velvetkettle.core.heat.band.Unknowns.CONTACT;
import static velvetkettle.core.heat.band.Unknowns.MOISTURE;
import static velvetkettle.core.heat.band.Unknowns.PLATEN;
import static velvetkettle.core.heat.band.Unknowns.PRESSURE;
import static velvetkettle.core.heat.band.Unknowns.THICKNESS;
import static velvetkettle.core.heat.band.Unknowns.TOUCHING;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * The few guesses that a band is made from.
 *
 * <ol>
 *   <li>Platen, contact and pressure matter most and bend: each is moved to either side, and each
 *       two of them together to the side on which a bond fails.
 *   <li>Conductivity, thickness and moisture of the cloth, and how its layers touch, matter little:
 *       each is moved once.
 *   <li>Logarithms of doses, and temperatures, are read as quadratics of all seven, {@link
 *       Surface}.
 * </ol>
 *
 * Thirteen runs stand for thousands of draws: within 7 % of a dose and 0.5 K on the stacks of the
 * test beside it.
 */
public final class SamplingPlan {
  /** Where nine of ten begin, so that the quadratic is true where it is read. */
  public static final double OFF = Surface.NINE_OF_TEN;

  private static final int[] BENDING = {PLATEN, CONTACT, PRESSURE};
  private static final int[] STRAIGHT = {CONDUCTIVITY, THICKNESS, MOISTURE, TOUCHING};
  private static final int[][] PAIRS = {{PLATEN, CONTACT}, {PLATEN, PRESSURE}, {CONTACT, PRESSURE}};

  private static final int LOW = BENDING.length;
  private static final int ALONE = 2 * BENDING.length;
  private static final int TOGETHER = ALONE + STRAIGHT.length;

  private SamplingPlan() {}

  /** Deviations of each guess, in standard deviations. */
  public static List<double[]> guesses() {
    List<double[]> guesses = new ArrayList<>();
    for (int unknown : BENDING) {
      guesses.add(moved(OFF, unknown));
    }
    for (int unknown : BENDING) {
      guesses.add(moved(-OFF, unknown));
    }
    for (int unknown : STRAIGHT) {
      guesses.add(moved(1, unknown));
    }
    for (int[] pair : PAIRS) {
      guesses.add(moved(-OFF, pair));
    }
    return guesses;
  }

  private static double[] moved(double by, int... unknowns) {
    double[] deviations = new double[Unknowns.COUNT];
    for (int unknown : unknowns) {
      deviations[unknown] = by;
    }
    return deviations;
  }

  /**
   * @param nominal with nothing moved
   * @param values one for each guess, in their order
   */
  public static Band band(double nominal, double[] values) {
    if (DoubleStream.of(values).allMatch(value -> value == nominal)) {
      return Band.NONE;
    }
    double[] slope = new double[Unknowns.COUNT];
    double[][] bend = new double[Unknowns.COUNT][Unknowns.COUNT];
    for (int i = 0; i < BENDING.length; i++) {
      double high = values[i] - nominal;
      double low = values[LOW + i] - nominal;
      slope[BENDING[i]] = (high - low) / (2 * OFF);
      bend[BENDING[i]][BENDING[i]] = (high + low) / (2 * OFF * OFF);
    }
    for (int i = 0; i < STRAIGHT.length; i++) {
      slope[STRAIGHT[i]] = values[ALONE + i] - nominal;
    }
    for (int i = 0; i < PAIRS.length; i++) {
      int one = PAIRS[i][0];
      int other = PAIRS[i][1];
      double apart = values[LOW + one] + values[LOW + other] - nominal;
      double each = (values[TOGETHER + i] - apart) / (2 * OFF * OFF);
      bend[one][other] = each;
      bend[other][one] = each;
    }
    return new Surface(slope, bend).nineOfTen();
  }
}
