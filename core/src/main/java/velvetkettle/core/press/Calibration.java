package velvetkettle.core.press;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.Kelvin;

/**
 * How far a press's display is from its platen, and how well the platen touches.
 *
 * @param readsHigh display minus true platen temperature, K; negative where the platen is hotter
 *     than it says
 * @param giveOrTake how far single places and single presses stray from that, K: two standard
 *     deviations where it was measured
 * @param measured whether the maker measured it with strips or a probe; otherwise nothing is
 *     corrected
 * @param contact how much better its platen touches than others do; null where no probe showed it
 * @param contactTimes within what factor the contact is known, one standard deviation; null where
 *     no probe showed it
 * @param map how far nine places are off what it is set to; null where nobody looked
 * @param on the day of the measuring; null where it is not known
 */
public record Calibration(
    Kelvin readsHigh,
    Kelvin giveOrTake,
    boolean measured,
    @Nullable Double contact,
    @Nullable Double contactTimes,
    @Nullable PlatenMap map,
    @Nullable LocalDate on) {
  /**
   * Displays are 5 to 15 °C off [common practice, no source]: unmeasured, the direction is unknown,
   * so nothing is corrected.
   */
  public static final Calibration NONE = new Calibration(Kelvin.of(0), Kelvin.of(10), false);

  /** From plate presses on; what a display cannot say is as usual. */
  private static final double CONTACT_TIMES = 1.42;

  private static final double DEVIATION = 7;

  /** No thermostat holds better, K (engineering estimate). */
  private static final double LEAST_DEVIATION = 0.5;

  public Calibration {
    if (contact != null) {
      Bounds.check("contact", contact, 0.1, 10, "times");
    }
  }

  public Calibration(Kelvin readsHigh, Kelvin giveOrTake, boolean measured) {
    this(readsHigh, giveOrTake, measured, null, null, null, null);
  }

  public static Calibration readsHigh(double kelvin) {
    return new Calibration(Kelvin.of(kelvin), Kelvin.of(4), true);
  }

  /** As measured, or as platens usually are. */
  public PlatenMap places() {
    return map == null ? PlatenMap.USUAL : map;
  }

  /** 1 where no probe showed another. */
  public double contactFactor() {
    return contact == null ? 1 : contact;
  }

  /**
   * One standard deviation of the contact, as a factor (engineering estimate). Strips say nothing
   * of it: only a probe does.
   */
  public double contactSpread() {
    return contactTimes == null ? CONTACT_TIMES : contactTimes;
  }

  /** One standard deviation of the platen's temperature, K (engineering estimate). */
  public double deviation() {
    return measured ? Math.max(LEAST_DEVIATION, giveOrTake.degrees() / 2) : DEVIATION;
  }
}
