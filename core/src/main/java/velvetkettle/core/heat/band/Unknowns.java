package velvetkettle.core.heat.band;

import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.press.Calibration;

/**
 * What is not known of a press and a cloth, and one standard deviation of each. Engineering
 * estimates; narrower for a press that was measured. Adhesive kinetics, uneven platens and the form
 * of the model are not in it.
 *
 * @param platen how far the platen is from what it says, K
 * @param contact factor of the platen's contact; that of the layers with each other is of the cloth
 */
public record Unknowns(double platen, double contact) {
  public static final int COUNT = 7;

  public static final int PLATEN = 0;
  static final int CONTACT = 1;
  static final int PRESSURE = 2;
  static final int CONDUCTIVITY = 3;
  static final int THICKNESS = 4;
  static final int MOISTURE = 5;
  static final int TOUCHING = 6;

  /** Glue on cloth, cloth on cloth and on the pad. */
  public static final double TOUCHING_FACTOR = 1.42;

  private static final double PRESSURE_FACTOR = 1.5;
  private static final double CONDUCTIVITY_FACTOR = 1.20;
  private static final double THICKNESS_FACTOR = 1.12;
  private static final double MOISTURE_FACTOR = 1.25;

  public static Unknowns of(Calibration calibration) {
    return new Unknowns(calibration.deviation(), calibration.contactSpread());
  }

  /**
   * One guess.
   *
   * @param deviations of each unknown in its own standard deviations, in the order of the indices
   */
  public ParameterSample draw(double... deviations) {
    return new ParameterSample(
        platen * deviations[PLATEN],
        Math.pow(contact, deviations[CONTACT]),
        Math.pow(TOUCHING_FACTOR, deviations[TOUCHING]),
        Math.pow(PRESSURE_FACTOR, deviations[PRESSURE]),
        Math.pow(CONDUCTIVITY_FACTOR, deviations[CONDUCTIVITY]),
        Math.pow(THICKNESS_FACTOR, deviations[THICKNESS]),
        Math.pow(MOISTURE_FACTOR, deviations[MOISTURE]));
  }
}
