package velvetkettle.core.heat.measure;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Kelvin;

/**
 * All that was measured of one press on one day.
 *
 * <p>Bayes: the platen's offset is believed to be within 8 K, with heavy tails, and the contact
 * within a factor of 1.8 before anything is measured; strips are good to 3 K each; a probe's trace
 * is fitted by {@link ProbeFit}. Uncertainty is never reported better than 2 K in eight of ten, and
 * a factor of 1.3 for the contact (engineering estimates).
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
  static final double CONTACT_BEFORE = 0.6;
  private static final double STRIP = 3;

  /** Of the belief of a display. */
  private static final double FREEDOM = 4;

  private static final double FAR_OUT = 2 * OFFSET_BEFORE;
  private static final int ROUNDS = 20;

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
    Known found = posterior();
    return new Known(
        found.offset,
        Math.max(NEVER_BETTER, found.deviation),
        found.contact,
        probe == null
            ? found.contactDeviation
            : Math.max(CONTACT_NEVER_BETTER, found.contactDeviation));
  }

  /** The same before it is kept from claiming too much. */
  Known posterior() {
    StripBelief byStrips = byStrips();
    return probe == null
        ? withStrips(byStrips)
        : new ProbeFit(press, room, probe, byStrips).known();
  }

  /**
   * Whether a probe alone found a display further off than two in a hundred are: a probe that lay
   * badly looks like that too, so a strip is asked for.
   */
  public boolean asksForStrip() {
    return strips.isEmpty() && nine == null && Math.abs(known().offset) > FAR_OUT;
  }

  /** Weighted by how well each is known. */
  private StripBelief byStrips() {
    double weight = 0;
    double sum = 0;
    for (StripReading strip : strips) {
      sum += (strip.read().degrees() - strip.dial().degrees()) / square(STRIP);
      weight += 1 / square(STRIP);
    }
    if (nine != null) {
      sum += (nine.mean() - nine.dial().degrees()) / square(NINE_TOGETHER);
      weight += 1 / square(NINE_TOGETHER);
    }
    return new StripBelief(weight == 0 ? 0 : sum / weight, weight);
  }

  private static Known withStrips(StripBelief strips) {
    double offset = strips.offset();
    double weight = 0;
    for (int round = 0; round < ROUNDS; round++) {
      weight = strips.weight() + displayWeight(offset);
      offset = strips.weight() * strips.offset() / weight;
    }
    return new Known(offset, 1 / Math.sqrt(weight), 1, CONTACT_BEFORE);
  }

  /**
   * What is believed of a display before anything is measured, as the weight of an observation of
   * 0: Student's distribution of four degrees of freedom, because now and then one is far off and
   * is then not to be talked out of it.
   *
   * @param offset K, that it is weighed at
   */
  static double displayWeight(double offset) {
    return (FREEDOM + 1) / ((FREEDOM + 1) * square(OFFSET_BEFORE) + square(offset));
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
        nine == null ? before.map() : nine.map(),
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
    /** No platen is so uneven, K: one of its strips was misread. */
    public static final double FARTHEST = 50;

    public NinePlaces {
      read = List.copyOf(read);
      if (read.size() != 9) {
        throw new ImpossibleValueException("nine places have nine readings: " + read.size());
      }
      double mean = mean(read);
      if (read.stream().anyMatch(one -> Math.abs(one.degrees() - mean) > FARTHEST)) {
        throw new ImpossibleValueException(
            "nine places lie within "
                + (int) FARTHEST
                + " °C of their mean: look at the strips again, one was misread");
      }
    }

    double mean() {
      return mean(read);
    }

    private static double mean(List<Celsius> read) {
      return read.stream().mapToDouble(Celsius::degrees).average().orElseThrow();
    }

    PlatenMap map() {
      double mean = mean();
      return new PlatenMap(read.stream().map(one -> tenth(one.degrees() - mean)).toList());
    }
  }
}
