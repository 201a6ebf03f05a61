package velvetkettle.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.conduction.Sequence;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.heat.turn.Act;
import velvetkettle.core.heat.turn.Bench;
import velvetkettle.core.heat.turn.Draw;
import velvetkettle.core.heat.turn.HeatRun;
import velvetkettle.core.heat.turn.Peeling;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.heat.turn.Reading;
import velvetkettle.core.heat.turn.Turn;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Times;

/**
 * Margins from the heat computation.
 *
 * <ol>
 *   <li>All turns of the pressing are run once as they are likeliest.
 *   <li>The turns up to the main press are run again for each thing that is not known, one standard
 *       deviation off; together they say what nine of ten presses would do.
 *   <li>Hold, Mark and Bleed are worded from both; where the computation does not speak, practice
 *       does.
 * </ol>
 *
 * It does not speak of a steam iron and a wand: they are moved and vented, and the computation is
 * two to four times too quick for them. Cost: about eight runs of a few milliseconds.
 */
public final class HeatMargins implements HeatModel {
  /** Two hundredths of a kelvin off in the end, K per step. */
  private static final double FINE = 0.1;

  /** For a difference between two runs a coarser step will do, K. */
  private static final double COARSE = 0.3;

  @Override
  public Judgement judge(Pressing pressing) {
    Margins practice = PracticeMargins.margins(pressing);
    if (!pressing.isComputed()) {
      return new Judgement(practice, null);
    }
    List<Act> acts = HeatRun.of(pressing, pressing.turns(), Draw.NOMINAL, FINE);
    Reading reading = Reading.of(pressing, acts);
    Spread spread = spread(pressing);
    Margins margins =
        new Margins(
            new HoldMargin(pressing, reading, spread, practice.hold()).margin(),
            new MarkMargin(pressing, reading, spread, practice.mark()).margin(),
            new BleedMargin(pressing, reading, spread, practice.bleed()).margin());
    return new Judgement(margins, heat(pressing, acts, reading));
  }

  @Override
  public Drying drying(
      Bench bench, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {
    return Drying.of(bench, bare, platen, pressure, mainPress);
  }

  @Override
  public Optional<Seconds> throughCloth(Pressing pressing) {
    return ThroughCloth.time(pressing);
  }

  static Spread spread(Pressing pressing) {
    // What comes after the last bonding turn hardly differs between draws.
    List<Turn> turns = pressing.untilBonded();
    int main = turns.size() - 1;
    HeatRun.Run before =
        prepared(pressing, turns.subList(0, main), Draw.NOMINAL)
            .play(0, COARSE, Sequence.Kept.NOTHING);
    Reading nominal = continued(pressing, turns, Draw.NOMINAL, before);
    List<Reading> off =
        Spread.draws(pressing.press().calibration()).stream()
            .map(
                draw ->
                    draw.moisture() == 1
                        ? continued(pressing, turns, draw, before)
                        : Reading.of(pressing, HeatRun.of(pressing, turns, draw, COARSE)))
            .toList();
    return Spread.of(nominal, off);
  }

  /** Only how damp the cloth was in the beginning changes what comes before the main press. */
  private static Reading continued(
      Pressing pressing, List<Turn> turns, Draw draw, HeatRun.Run before) {
    List<Act> acts = new ArrayList<>(before.acts());
    acts.addAll(
        prepared(pressing, turns, draw).play(turns.size() - 1, COARSE, before.kept()).acts());
    return Reading.of(pressing, acts);
  }

  private static HeatRun prepared(Pressing pressing, List<Turn> turns, Draw draw) {
    Adhesive adhesive = Adhesive.of(pressing.medium()).orElse(null);
    return HeatRun.prepared(pressing.bench(), adhesive, turns, draw);
  }

  private static HeatReading heat(Pressing pressing, List<Act> acts, Reading reading) {
    Act main = acts.stream().filter(Act::main).findFirst().orElseThrow();
    return new HeatReading(
        new Peaks(main, GiveOrTake.of(pressing)).stack(),
        Celsius.of(Math.round(reading.glueLine())),
        GiveOrTake.of(pressing),
        Times.upTo(reading.bond()),
        Double.isNaN(reading.bondedAfter()) ? null : Seconds.of(Math.ceil(reading.bondedAfter())),
        new LayersAbove(pressing, main).slowed(),
        Peeling.hasCarrier(pressing.medium()) ? Peeling.onTable(pressing) : null,
        reading.steam());
  }

  /** Until the bond is so many times made if the main press went on, s; NaN where it never is. */
  static double secondsUntil(Pressing pressing, double times, double longest) {
    List<Turn> turns = new ArrayList<>(pressing.untilPressed());
    int last = turns.size() - 1;
    if (turns.get(last) instanceof Turn.Closed closed) {
      turns.set(last, closed.lasting(Seconds.of(longest)));
    }
    List<Act> acts = HeatRun.of(pressing, turns, Draw.NOMINAL, COARSE);
    Act main = acts.get(last);
    GlueLine line = main.passage().bond();
    return line == null ? Double.NaN : main.trace().bondReaches(times * line.adhesive().needed());
  }
}
