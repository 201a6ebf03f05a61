package velvetkettle.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * Presses one piece on a simulated press.
 *
 * <ol>
 *   <li>Phase by phase the mean of the platen meets the Stack, gives up heat and gets it back while
 *       the press stands open.
 *   <li>Nine places of the art are pressed by what the platen was there at each closing; how far
 *       apart they lie on the platen is what the art reaches over.
 * </ol>
 */
final class PieceOnPress implements PressSimulation.Platens {
  /** Moments of the display, s. */
  private static final Seconds EVERY = Seconds.of(0.5);

  private final Worked worked;
  private final Settings settings;
  private final Pressing pressing;
  private final ParameterSample draw;
  private final List<Double> lags = new ArrayList<>();
  private final List<Practised.TrackSpan> phases = new ArrayList<>();
  private final List<Double> seconds = new ArrayList<>();
  private final List<Double> shown = new ArrayList<>();
  private SimulatedPress press;
  private Celsius closedAt;
  private double lowest = Double.POSITIVE_INFINITY;

  PieceOnPress(Worked worked, SimulatedPress press, Settings settings, ParameterSample draw) {
    this.worked = worked;
    this.settings = settings;
    this.press = press;
    this.draw = draw;
    closedAt = press.shown();
    pressing = worked.pressing(press.dial(), settings);
    PressSimulation.prepared(pressing, pressing.phases(), draw, Detail.FINE).under(this);
  }

  /** The press once the piece is done. */
  SimulatedPress after() {
    return press;
  }

  @Override
  public Heater over(WorkPhase.Closed closed) {
    double target = closed.platen().degrees() - press.nature().readsHigh().degrees();
    lags.add(target - press.platen());
    closedAt = closed.role() == WorkPhase.Role.MAIN ? press.shown() : closedAt;
    return press.heater(target, 0);
  }

  @Override
  public void after(PhaseResult act) {
    double now = phases.isEmpty() ? 0 : phases.get(phases.size() - 1).to();
    if (act.closed()) {
      closed(act, now);
    } else {
      open(now, act.phase().time());
    }
    double end = now + act.phase().time().count();
    phases.add(new Practised.TrackSpan(act.phase().name(), act.closed(), act.main(), now, end));
  }

  private void closed(PhaseResult act, double now) {
    double length = act.phase().time().count();
    for (double second = 0; second < length; second += EVERY.count()) {
      show(now + second, act.trace().readAt(second, act.trace()::platen), act.main());
    }
    press = press.opened(act.trace().platen(act.end()));
    show(now + length, press.platen(), act.main());
  }

  private void open(double now, Seconds time) {
    SimulatedPress.Track track = press.track(time, EVERY);
    for (int i = 0; i < track.seconds().size(); i++) {
      seconds.add(now + track.seconds().get(i));
      shown.add(track.celsius().get(i));
    }
    press = press.standing(time);
  }

  private void show(double second, double platen, boolean main) {
    double reads = Math.round(10 * press.shown(platen)) / 10.0;
    seconds.add(second);
    shown.add(reads);
    lowest = main ? Math.min(lowest, reads) : lowest;
  }

  Practised.PressedPiece told() {
    List<Condition> places =
        IntStream.range(0, PlatenMap.PLACES).mapToObj(place -> condition(off(place))).toList();
    List<Condition.PressedResult> came = places.parallelStream().map(Condition::came).toList();
    Condition.PressedResult middle = came.get(PlatenMap.PLACES / 2);
    Blame blame = new Blame(worked, press.dial(), settings, places, came);
    return new Practised.PressedPiece(
        blame.whole(),
        came.stream().map(PieceOnPress::place).toList(),
        blame.wrong(),
        closedAt,
        Celsius.of(Math.round(Math.min(lowest, closedAt.degrees()))),
        new SimulatedPress.Track(seconds, shown),
        phases,
        stack(middle),
        worked.better());
  }

  private Stack stack(Condition.PressedResult middle) {
    PhaseResult main = middle.acts().stream().filter(PhaseResult::main).findFirst().orElseThrow();
    Stack peaks = HeatMargins.peaks(pressing, main);
    // Of this one press and cloth everything is known.
    return new Stack(
        peaks.side(), peaks.layers(), peaks.glueLineBelow(), peaks.glueLinePeak(), null);
  }

  private static Practised.PlaceResult place(Condition.PressedResult came) {
    return new Practised.PlaceResult(came.ending(), Celsius.of(Math.round(came.platen())));
  }

  private Condition condition(double off) {
    return new Condition(pressing, worked.recipe().peel().when().value(), press, off, lags, draw);
  }

  /** At the middle and at the edges of the art, which lies in the middle of the platen. */
  private double off(int place) {
    Press tool = worked.press();
    double across = reach(pressing.artwork().size().width().count(), tool.platenWidth().count());
    double along = reach(pressing.artwork().size().height().count(), tool.platenDepth().count());
    return press.nature().off((place % 3 - 1) * across, (place / 3 - 1) * along);
  }

  private static double reach(double art, double platen) {
    return Math.min(1, art / platen);
  }
}
