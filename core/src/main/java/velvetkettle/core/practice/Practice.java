package velvetkettle.core.practice;

import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.run.device.PressCharacter;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * Plays shifts at a simulated press. A shift is played from its beginning each time, so that
 * nothing has to be kept between two moves; the same shift always gives the same.
 */
public final class Practice {
  /** As long as anybody waits for a press. */
  private static final Seconds WATCHED = Seconds.of(1800);

  private static final Seconds EVERY = Seconds.of(5);

  /** Temperature strips are good to about 3 K [common practice, no source]. */
  private static final double STRIP = 1.5;

  /** How cloths of one kind differ: engineering estimates, as in the bands. */
  private static final double CONDUCTIVITY_TIMES = 1.1;

  private static final double THICKNESS_TIMES = 1.06;
  private static final double MOISTURE_TIMES = 1.15;

  private final Trials trials;

  public Practice(Trials trials) {
    this.trials = trials;
  }

  /**
   * Throws {@link IllegalArgumentException} for a medium that this kind of press does not press.
   */
  public Practised play(Shift shift) {
    PressCharacter nature = PressCharacter.of(shift.seed(), shift.kind());
    SimulatedPress press = SimulatedPress.cold(shift.kind(), nature, shift.room());
    Practised.@Nullable PressedPiece last = null;
    for (int i = 0; i < shift.moves().size(); i++) {
      Shift.Move move = shift.moves().get(i);
      press = press.set(move.dial()).standing(move.standing());
      last = null;
      if (move.work() != null) {
        PieceOnPress piece = piece(shift, i, move.work(), press);
        press = piece.after();
        last = i == shift.moves().size() - 1 ? piece.told() : null;
      }
    }
    return new Practised(press.track(WATCHED, EVERY), strips(shift.seed(), press), nature, last);
  }

  private static List<Integer> strips(long seed, SimulatedPress press) {
    SplittableRandom random = new SplittableRandom(seed + 1);
    PressCharacter nature = press.nature();
    return nature.places().stream()
        .map(off -> press.off(off, press.target()) - nature.readsHigh().degrees())
        .map(off -> (int) Math.round(off + STRIP * random.nextGaussian()))
        .toList();
  }

  private PieceOnPress piece(Shift shift, int move, Shift.Work work, SimulatedPress press) {
    return new PieceOnPress(
        new Worked(trials, shift.kind(), work),
        press,
        work.settings(),
        cloth(shift, move, press.nature()));
  }

  /** No two cloths are alike. */
  private static ParameterSample cloth(Shift shift, int move, PressCharacter nature) {
    SplittableRandom random = new SplittableRandom(31 * shift.seed() + move);
    return new ParameterSample(
        0,
        nature.contact(),
        1,
        nature.pressure(),
        Math.pow(CONDUCTIVITY_TIMES, random.nextGaussian()),
        Math.pow(THICKNESS_TIMES, random.nextGaussian()),
        Math.pow(MOISTURE_TIMES, random.nextGaussian()));
  }
}
