package velvetkettle.core.heat.measure;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Kelvin;

/**
 * All that was measured of one press on one day.
 *
 * <p>Bayes with normal errors: the platen's offset is believed to be within 8 K and the contact
 * within a factor of e^0.5 before anything is measured; strips are good to 3 K each; a probe's
 * trace is fitted by {@link ProbeFit}. Uncertainty is never reported better than 2 K in eight of
 * ten, and a factor of 1.3 for the contact (engineering estimates).
 *
 * @param nine places of the platen, row by row from its back, at one setting; null where nobody
 *     looked
 */
public record Measuring(
    Press press,
    Workroom room,
    List<StripReading> strips,
    @Nullable NinePlaces nine,
    @Nullable ProbeTrace probe) {
  static final double OFFSET_BEFORE = 8;
  static final double CONTACT_BEFORE = 0.5;
  private static final double STRIP = 3;

  /** Nine readings at once share what is wrong with their strips. */
  private static final double NINE_TOGETHER = 2;

  /** Eight of ten lie within so many standard deviations. */
  private static final double EIGHT_OF_TEN = 1.2816;

  private static final double NEVER_BETTER = 2 / EIGHT_OF_TEN;
  private static final double CONTACT_NEVER_BETTER = Math.log(1.3) / EIGHT_OF_TEN;

  public Measuring {
    strips = List.copyOf(strips);
    if (strips.isEmpty() && nine == null && probe == null) {
      throw new ImpossibleValueException("nothing was measured");
    }
  }

  /**
   * What is known of a press.
   *
   * @param offset by how much the platen is hotter than its display, K
   * @param deviation of it, K
   * @param contact factor; 1 where no probe showed it
   * @param contactDeviation of its logarithm; that before anything was measured where none did
   */
  public record Known(double offset, double deviation, double contact, double contactDeviation) {}

  /** Within what the offset lies in eight of ten such measurings, K either way. */
  public static double eightOfTen(Known known) {
    return EIGHT_OF_TEN * known.deviation;
  }

  public Known known() {
    Known byStrips = byStrips();
    ProbeTrace trace = probe;
    Known both = trace == null ? byStrips : new ProbeFit(press, room, trace, byStrips).known();
    return new Known(
        both.offset,
        Math.max(NEVER_BETTER, both.deviation),
        both.contact,
        trace == null
            ? both.contactDeviation
            : Math.max(CONTACT_NEVER_BETTER, both.contactDeviation));
  }

  /** Weighted by how well each is known. */
  private Known byStrips() {
    double weight = 1 / square(OFFSET_BEFORE);
    double sum = 0;
    for (StripReading strip : strips) {
      sum += (strip.read().degrees() - strip.dial().degrees()) / square(STRIP);
      weight += 1 / square(STRIP);
    }
    if (nine != null) {
      sum += (nine.mean() - nine.dial().degrees()) / square(NINE_TOGETHER);
      weight += 1 / square(NINE_TOGETHER);
    }
    return new Known(sum / weight, 1 / Math.sqrt(weight), 1, CONTACT_BEFORE);
  }

  private static double square(double value) {
    return value * value;
  }

  /** What was not measured this time stays as it was: strips say nothing of the contact. */
  public Calibration calibration(LocalDate on) {
    Known known = known();
    Calibration before = press.calibration();
    boolean touched = probe != null;
    return new Calibration(
        Kelvin.of(tenth(-known.offset)),
        Kelvin.of(tenth(2 * known.deviation)),
        true,
        touched ? (Double) hundredth(known.contact) : before.contact(),
        touched ? hundredth(Math.exp(known.contactDeviation)) : before.contactSpread(),
        nine == null ? before.coldest() : Kelvin.of(tenth(nine.coldest())),
        on);
  }

  private static double hundredth(double value) {
    return Math.round(100 * value) / 100.0;
  }

  private static double tenth(double value) {
    return Math.round(10 * value) / 10.0;
  }

  /**
   * Nine places.
   *
   * @param read row by row, from the back left to the front right
   */
  public record NinePlaces(Celsius dial, List<Celsius> read) {
    public NinePlaces {
      read = List.copyOf(read);
      if (read.size() != 9) {
        throw new ImpossibleValueException("nine places have nine readings: " + read.size());
      }
    }

    double mean() {
      return read.stream().mapToDouble(Celsius::degrees).average().orElseThrow();
    }

    /** How far the coldest is below the mean, K. */
    double coldest() {
      return mean() - read.stream().mapToDouble(Celsius::degrees).min().orElseThrow();
    }
  }
}
