package velvetkettle.core.heat.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;

/** Presses whose truth is known, measured with errors of known size. */
class MeasuringTest {
  private static final Celsius DIAL = Celsius.of(150);
  private static final Garment TEE =
      new Garment(
          "tee",
          GarmentKind.PANEL,
          Size.ADULT,
          new ClothSpec(
              Blend.of(Fibre.COTTON),
              Fabric.JERSEY,
              new Colour("white", Depth.WHITE, Hue.NEUTRAL),
              DyeKind.UNDYED,
              Finish.NONE,
              IronMark.UNKNOWN),
          Set.of());
  private static final Press PRESS =
      new Press(
          "press",
          PressKind.PLATE_DRAW,
          Millimetres.of(400),
          Millimetres.of(400),
          Calibration.NONE);

  private static final int PRESSES = 400;

  /** What presses, probes and readings are truly like. */
  enum World {
    AS_ASSUMED,
    FAR_OFF,
    SLOW_PROBE,
    ERRORS_TOGETHER
  }

  /** A press of which everything is known. */
  private record Truth(World world, ParameterSample draw, double lag) {
    static Truth of(World world, Random random) {
      boolean far = world == World.FAR_OFF;
      double display = far ? 20 : offset(random);
      double contact = far ? 0.5 : Math.exp(Measuring.CONTACT_BEFORE * random.nextGaussian());
      return new Truth(
          world,
          new ParameterSample(
              display,
              contact,
              Math.pow(1.42, random.nextGaussian()),
              Math.pow(1.5, random.nextGaussian()),
              Math.pow(1.20, random.nextGaussian()),
              Math.pow(1.12, random.nextGaussian()),
              Math.pow(1.25, random.nextGaussian())),
          world == World.SLOW_PROBE
              ? 1.5
              : ProbeFit.LAG_SECONDS * Math.pow(ProbeFit.LAG_FACTOR, random.nextGaussian()));
    }

    /**
     * Of Student's distribution with four degrees of freedom: a normal one over a root of gamma.
     */
    private static double offset(Random random) {
      double gamma = 0;
      for (int n = 0; n < 4; n++) {
        gamma += Math.pow(random.nextGaussian(), 2);
      }
      double offset = 8 * Math.sqrt(1.25) * random.nextGaussian() / Math.sqrt(gamma / 4);
      return Math.abs(offset) < 60 ? offset : offset(random);
    }

    StripReading strip(Random random) {
      double read = DIAL.degrees() + draw.platenOffset() + 3 * random.nextGaussian();
      return new StripReading(DIAL, Celsius.of(read));
    }

    /** Every half second for thirty, all of them off by what a probe may be. */
    ProbeTrace probe(Random random) {
      double[] seconds = IntStream.rangeClosed(1, 60).mapToDouble(n -> n / 2.0).toArray();
      ProbeTrace shape = trace(seconds, new double[60]);
      double[] seen =
          ProbeFit.seen(new Workplace(TEE, PRESS, Workroom.USUAL), shape, draw, lag, seconds);
      double off = ProbeFit.PROBE_ERROR * random.nextGaussian();
      boolean together = world == World.ERRORS_TOGETHER;
      double alone = together ? 0 : ProbeFit.ERROR;
      double shared =
          together ? Math.hypot(ProbeFit.ERROR, ProbeFit.SHARED_ERROR) : ProbeFit.SHARED_ERROR;
      double drift = random.nextGaussian();
      double stays = Math.exp(-0.5 / ProbeFit.SHARED_SECONDS);
      for (int i = 0; i < seen.length; i++) {
        seen[i] += off + shared * drift + alone * random.nextGaussian();
        drift = stays * drift + Math.sqrt(1 - stays * stays) * random.nextGaussian();
      }
      return trace(seconds, seen);
    }
  }

  private static ProbeTrace trace(double[] seconds, double[] celsius) {
    return new ProbeTrace(
        DIAL,
        TEE,
        IntStream.range(0, seconds.length)
            .mapToObj(i -> new ProbeTrace.Moment(seconds[i], celsius[i]))
            .toList());
  }

  @ParameterizedTest
  @EnumSource
  @DisplayName(
      "two strips and a trace: eight of ten intervals are true, whatever the world is like")
  void fourHundredPresses(World world) {
    record Found(double off, boolean covered, boolean contactCovered) {}
    Random random = new Random(11);
    List<Truth> truths = new ArrayList<>();
    List<Measuring> measurings = new ArrayList<>();
    for (int n = 0; n < PRESSES; n++) {
      Truth truth = Truth.of(world, random);
      truths.add(truth);
      measurings.add(
          new Measuring(
              PRESS,
              Workroom.USUAL,
              List.of(truth.strip(random), truth.strip(random)),
              null,
              truth.probe(random)));
    }
    List<Found> found =
        IntStream.range(0, PRESSES)
            .parallel()
            .mapToObj(
                n -> {
                  Measuring.Known known = measurings.get(n).posterior();
                  ParameterSample truth = truths.get(n).draw();
                  double off = Math.abs(known.offset() - truth.platenOffset());
                  double contact = Math.abs(Math.log(known.contact() / truth.contact()));
                  return new Found(
                      off,
                      off <= 1.2816 * known.deviation(),
                      contact <= 1.2816 * known.contactDeviation());
                })
            .toList();
    long near = found.stream().filter(f -> f.off <= 3).count();
    long covered = found.stream().filter(Found::covered).count();
    long contactCovered = found.stream().filter(Found::contactCovered).count();
    System.out.println(
        world
            + ", of "
            + PRESSES
            + " within 3 K, covered, contact covered: "
            + near
            + ", "
            + covered
            + ", "
            + contactCovered);
    assertThat(near).isGreaterThanOrEqualTo(PRESSES * 80 / 100);
    assertThat(covered).isBetween(PRESSES * 72 / 100L, PRESSES * 88 / 100L);
    assertThat(contactCovered).isBetween(PRESSES * 72 / 100L, PRESSES * 88 / 100L);
  }

  @Test
  @DisplayName("one strip moves the belief by what it is worth beside what was believed")
  void oneStrip() {
    Measuring measuring =
        new Measuring(
            PRESS, Workroom.USUAL, List.of(new StripReading(DIAL, Celsius.of(140))), null, null);
    // About 64/(64+9) of ten kelvin; deviation 1/sqrt(1/64 + 1/9); tails make it a little more.
    assertThat(measuring.known().offset()).isCloseTo(-8.99, within(0.01));
    assertThat(measuring.known().deviation()).isCloseTo(2.84, within(0.01));
    Calibration calibration = measuring.calibration(LocalDate.of(2026, 11, 26));
    assertThat(calibration.readsHigh()).isEqualTo(Kelvin.of(9.0));
    assertThat(calibration.giveOrTake()).isEqualTo(Kelvin.of(5.7));
    assertThat(calibration.contact()).isNull();
    assertThat(calibration.contactSpread()).isEqualTo(Calibration.NONE.contactSpread());
    assertThat(calibration.on()).isEqualTo(LocalDate.of(2026, 11, 26));
  }

  @Test
  @DisplayName("strips after a probe leave what the probe said of the contact")
  void stripsAfterProbe() {
    Calibration probed =
        new Calibration(
            Kelvin.of(3), Kelvin.of(3), true, 1.4, 1.3, PlatenMap.USUAL, LocalDate.EPOCH);
    Measuring again =
        new Measuring(
            PRESS.measured(probed),
            Workroom.USUAL,
            List.of(new StripReading(DIAL, Celsius.of(150))),
            null,
            null);
    Calibration now = again.calibration(LocalDate.of(2026, 11, 26));
    assertThat(now.contact()).isEqualTo(1.4);
    assertThat(now.contactTimes()).isEqualTo(1.3);
    assertThat(now.map()).isEqualTo(PlatenMap.USUAL);
    assertThat(now.readsHigh()).isEqualTo(Kelvin.of(0));
  }

  @Test
  @DisplayName("a display far off by a probe alone asks for a strip; with one it does not")
  void asksForStrip() {
    Random random = new Random(5);
    Truth far = new Truth(World.FAR_OFF, new ParameterSample(30, 1, 1, 1, 1, 1, 1), 1);
    ProbeTrace probe = far.probe(random);
    assertThat(new Measuring(PRESS, Workroom.USUAL, List.of(), null, probe).asksForStrip())
        .isTrue();
    Measuring both = new Measuring(PRESS, Workroom.USUAL, List.of(far.strip(random)), null, probe);
    assertThat(both.asksForStrip()).isFalse();
    // A display that is 25 K off and says so is believed more than a normal belief would.
    StripReading strip = new StripReading(DIAL, Celsius.of(175));
    Measuring.Known known =
        new Measuring(PRESS, Workroom.USUAL, List.of(strip), null, null).known();
    assertThat(known.offset()).isBetween(23.2, 24.8);
  }

  @Test
  @DisplayName("however many strips: never better than 2 K in eight of ten")
  void neverBetter() {
    List<StripReading> many = Collections.nCopies(40, new StripReading(DIAL, Celsius.of(145)));
    Measuring measuring = new Measuring(PRESS, Workroom.USUAL, many, null, null);
    assertThat(Measuring.eightOfTen(measuring.known())).isCloseTo(2, within(1e-9));
    assertThat(measuring.known().offset()).isCloseTo(-5, within(0.1));
  }

  @Test
  @DisplayName("nine places: their mean is the offset, the coldest is told")
  void ninePlaces() {
    List<Celsius> read =
        IntStream.of(138, 146, 140, 147, 150, 148, 145, 149, 146).mapToObj(Celsius::of).toList();
    Measuring measuring =
        new Measuring(PRESS, Workroom.USUAL, List.of(), new Measuring.NinePlaces(DIAL, read), null);
    assertThat(measuring.calibration(LocalDate.EPOCH).places().coldest()).isEqualTo(7.4);
    assertThat(measuring.known().offset()).isBetween(-5.0, -4.0);
  }

  @Test
  @DisplayName("nine places of which one was misread are refused, and say so")
  void misread() {
    List<Celsius> read =
        IntStream.of(150, 149, 151, 150, 150, 150, 149, 150, 320).mapToObj(Celsius::of).toList();
    assertThatThrownBy(() -> new Measuring.NinePlaces(DIAL, read)).hasMessageContaining("misread");
  }

  @Test
  @DisplayName("a trace without end, one that runs back, and nothing at all are refused")
  void refused() {
    double[] seconds = IntStream.range(0, 12).mapToDouble(n -> n * 0.1).toArray();
    assertThatThrownBy(() -> trace(seconds, new double[12])).hasMessageContaining("at least 8 s");
    double[] back = IntStream.range(0, 12).mapToDouble(n -> 20 - n).toArray();
    assertThatThrownBy(() -> trace(back, new double[12])).hasMessageContaining("rise");
    assertThatThrownBy(() -> new Measuring(PRESS, Workroom.USUAL, List.of(), null, null))
        .hasMessageContaining("nothing was measured");
  }
}
