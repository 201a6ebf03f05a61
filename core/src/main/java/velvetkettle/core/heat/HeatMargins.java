package velvetkettle.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Times;

/**
 * Margins from the heat computation.
 *
 * <ol>
 *   <li>All phases of the pressing are run once as they are likeliest; where that alone says no,
 *       nothing more is computed.
 *   <li>The last phase that bonds is run again for each thing that is not known, one standard
 *       deviation off; together they say what nine of ten presses would do.
 *   <li>Hold, Mark and Bleed are worded from both; where the computation does not speak, practice
 *       does.
 * </ol>
 *
 * Hold is judged where the art is coolest, Mark and Bleed where it is hottest. It does not speak of
 * a steam iron and a wand: they are moved and vented, and the computation is two to four times too
 * quick for them. Cost: one run of about a millisecond, and seven for what is not ruled out.
 */
public final class HeatMargins implements HeatModel {
  /** Peeled, looked at and covered again (engineering estimate). */
  private static final Seconds BETWEEN = Seconds.of(20);

  @Override
  public Judgement judge(Pressing pressing) {
    Margins practice = TradeMargins.margins(pressing);
    if (!pressing.isComputed()) {
      return new Judgement(practice, null);
    }
    PressSimulation.Run run = PressSimulation.nominal(pressing, Detail.FINE);
    Reading reading = reading(pressing, run);
    // No spread ever turns a "no" into something better.
    Margins likeliest = margins(pressing, reading, Spread.NONE, practice);
    if (likeliest.ruleOut()) {
      return new Judgement(likeliest, null);
    }
    Spread spread = spread(pressing);
    Margins margins = margins(pressing, reading, spread, practice);
    return new Judgement(margins, heat(pressing, run, reading, TemperatureUncertainty.of(spread)));
  }

  @Override
  public LaterHeatTolerance bearing(Pressing pressing) {
    Margins practice = TradeMargins.margins(pressing);
    if (!pressing.isComputed()) {
      return new LaterHeatTolerance(pressing, practice, null, Spread.NONE);
    }
    PressSimulation.Run run = PressSimulation.nominal(pressing, Detail.FINE);
    Reading reading = reading(pressing, run);
    return new LaterHeatTolerance(pressing, practice, reading, spread(pressing));
  }

  private static Reading reading(Pressing pressing, PressSimulation.Run run) {
    Reading coolest = Reading.of(pressing, run.acts());
    if (pressing.workplace().under().isEven()) {
      return coolest;
    }
    Pressing hottest = pressing.atHottest();
    return coolest.harmedAs(
        Reading.of(hottest, PressSimulation.nominal(hottest, Detail.FINE).acts()));
  }

  /**
   * The words alone, for places of a map.
   *
   * @param reading of the pressing as it is likeliest
   */
  public static Verdicts verdicts(Pressing pressing, Reading reading, Spread spread) {
    return verdicts(pressing, reading, spread, TradeMargins.margins(pressing));
  }

  static Verdicts verdicts(Pressing pressing, Reading reading, Spread spread, Margins practice) {
    return new Verdicts(
        new HoldMargin(pressing, reading, spread, practice.hold()).verdict(),
        new MarkMargin(pressing, reading, spread, practice.mark()).verdict(),
        new BleedMargin(pressing, reading, spread, practice.bleed()).verdict());
  }

  static Margins margins(Pressing pressing, Reading reading, Spread spread, Margins practice) {
    return new Margins(
        new HoldMargin(pressing, reading, spread, practice.hold()).margin(),
        new MarkMargin(pressing, reading, spread, practice.mark()).margin(),
        new BleedMargin(pressing, reading, spread, practice.bleed()).margin());
  }

  @Override
  public Exposure exposure(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {
    if (!workplace.isComputed() || presses.isEmpty()) {
      return Exposure.NONE;
    }
    List<WorkPhase> phases = new ArrayList<>();
    for (WorkPhase.Closed press : presses) {
      phases.add(press);
      phases.add(new WorkPhase.Open(press.name(), false, true, BETWEEN));
    }
    Adhesive adhesive = Adhesive.of(lying.medium()).orElse(null);
    return Exposure.of(
        lying,
        PressSimulation.of(
            workplace.atHottest(), adhesive, phases, ParameterSample.NOMINAL, Detail.FINE));
  }

  @Override
  public Drying drying(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {
    return Drying.of(workplace, bare, platen, pressure, mainPress);
  }

  @Override
  public Optional<Seconds> throughCloth(Pressing pressing) {
    return ThroughCloth.time(pressing);
  }

  /** What comes after the last bonding phase hardly differs between draws. */
  static Spread spread(Pressing pressing) {
    List<WorkPhase> phases = pressing.untilBonded();
    Reading nominal = rough(pressing, phases, ParameterSample.NOMINAL);
    List<Reading> off =
        Spread.draws(pressing.press().calibration()).stream()
            .map(draw -> rough(pressing, phases, draw))
            .toList();
    return Spread.of(nominal, off);
  }

  private static Reading rough(Pressing pressing, List<WorkPhase> phases, ParameterSample draw) {
    return Reading.of(pressing, PressSimulation.of(pressing, phases, draw, Detail.ROUGH));
  }

  /** The Stack of a closed phase with the hottest that each layer got. */
  public static Stack peaks(Pressing pressing, PhaseResult closed) {
    return new Peaks(closed, TemperatureUncertainty.of(pressing)).stack();
  }

  private static HeatReading heat(
      Pressing pressing, PressSimulation.Run run, Reading reading, Kelvin giveOrTake) {
    PhaseResult main = run.acts().stream().filter(PhaseResult::main).findFirst().orElseThrow();
    return new HeatReading(
        new Peaks(main, giveOrTake).stack(),
        Celsius.of(Math.round(reading.glueLine())),
        giveOrTake,
        Times.upTo(reading.bond()),
        Double.isNaN(reading.bondedAfter()) ? null : Seconds.of(Math.ceil(reading.bondedAfter())),
        new LayersAbove(pressing, main).slowed(),
        Peeling.hasCarrier(pressing.medium()) ? Peeling.onTable(pressing, run) : null,
        reading.steam());
  }

  /** Until the bond is so many times made if the main press went on, s; NaN where it never is. */
  static double secondsUntil(Pressing pressing, double times, double longest) {
    List<WorkPhase> phases = new ArrayList<>(pressing.untilPressed());
    int last = phases.size() - 1;
    if (phases.get(last) instanceof WorkPhase.Closed closed) {
      phases.set(last, closed.lasting(Seconds.of(longest)));
    }
    List<PhaseResult> acts =
        PressSimulation.of(pressing, phases, ParameterSample.NOMINAL, Detail.FINE);
    PhaseResult main = acts.get(last);
    GlueLine line = main.passage().bond();
    return line == null
        ? Double.NaN
        : main.trace()
            .bondReaches(times * pressing.needed(line.adhesive()) + Reading.alreadyMade(acts));
  }
}
