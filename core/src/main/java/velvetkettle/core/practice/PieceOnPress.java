package velvetkettle.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.turn.Act;
import velvetkettle.core.heat.turn.Draw;
import velvetkettle.core.heat.turn.HeatRun;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.heat.turn.Turn;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.run.device.Nature;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * Presses one piece on a simulated press.
 *
 * <ol>
 *   <li>Turn by turn the mean of the platen meets the Stack, gives up heat and gets it back while
 *       the press stands open.
 *   <li>Nine places of the art are pressed by what the platen was there at each closing; how far
 *       apart they lie on the platen is what the art reaches over.
 * </ol>
 */
final class PieceOnPress implements HeatRun.Platens {
  private static final double TOLERANCE = 0.1;

  /** Moments of the display, s. */
  private static final Seconds EVERY = Seconds.of(0.5);

  private final Worked worked;
  private final Settings settings;
  private final Pressing pressing;
  private final Draw draw;
  private final List<Double> lags = new ArrayList<>();
  private final List<Practised.Doing> turns = new ArrayList<>();
  private final List<Double> seconds = new ArrayList<>();
  private final List<Double> shown = new ArrayList<>();
  private SimulatedPress press;
  private Celsius closedAt;
  private double lowest = Double.POSITIVE_INFINITY;

  PieceOnPress(Worked worked, SimulatedPress press, Settings settings, Draw draw) {
    this.worked = worked;
    this.settings = settings;
    this.press = press;
    this.draw = draw;
    closedAt = press.shown();
    pressing = worked.pressing(press.dial(), settings);
    HeatRun.prepared(pressing, pressing.turns(), draw).under(this, TOLERANCE);
  }

  /** The press once the piece is done. */
  SimulatedPress after() {
    return press;
  }

  @Override
  public Heater over(Turn.Closed closed) {
    double target = closed.platen().degrees() - press.nature().readsHigh().degrees();
    lags.add(target - press.platen());
    closedAt = closed.role() == Turn.Role.MAIN ? press.shown() : closedAt;
    return press.heater(target, 0);
  }

  @Override
  public void after(Act act) {
    double now = turns.isEmpty() ? 0 : turns.get(turns.size() - 1).to();
    if (act.closed()) {
      closed(act, now);
    } else {
      open(now, act.turn().time());
    }
    double end = now + act.turn().time().count();
    turns.add(new Practised.Doing(act.turn().name(), act.closed(), act.main(), now, end));
  }

  private void closed(Act act, double now) {
    double length = act.turn().time().count();
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
        IntStream.range(0, Nature.PLACES).mapToObj(place -> condition(off(place))).toList();
    List<Condition.Came> came = places.parallelStream().map(Condition::came).toList();
    Condition.Came middle = came.get(Nature.PLACES / 2);
    Blame blame = new Blame(worked, press.dial(), settings, places, came);
    return new Practised.PressedPiece(
        blame.whole(),
        came.stream().map(PieceOnPress::place).toList(),
        blame.wrong(),
        closedAt,
        Celsius.of(Math.round(Math.min(lowest, closedAt.degrees()))),
        new SimulatedPress.Track(seconds, shown),
        turns,
        stack(middle),
        worked.better());
  }

  private Stack stack(Condition.Came middle) {
    Act main = middle.acts().stream().filter(Act::main).findFirst().orElseThrow();
    Stack peaks = HeatMargins.peaks(pressing, main);
    // Of this one press and cloth everything is known.
    return new Stack(
        peaks.side(), peaks.layers(), peaks.glueLineBelow(), peaks.glueLinePeak(), null);
  }

  private static Practised.PlaceCame place(Condition.Came came) {
    return new Practised.PlaceCame(came.ending(), Celsius.of(Math.round(came.platen())));
  }

  private Condition condition(double off) {
    return new Condition(pressing, worked.recipe().peel().value(), press, off, lags, draw);
  }

  /** At the middle and at the edges of the art, which lies in the middle of the platen. */
  private double off(int place) {
    Press tool = worked.press();
    double across = reach(pressing.artwork().width().count(), tool.platenWidth().count());
    double along = reach(pressing.artwork().height().count(), tool.platenDepth().count());
    return press.nature().off((place % 3 - 1) * across, (place / 3 - 1) * along);
  }

  private static double reach(double art, double platen) {
    return Math.min(1, art / platen);
  }
}
