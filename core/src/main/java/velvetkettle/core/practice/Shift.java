package velvetkettle.core.practice;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Seconds;

/**
 * All that was done with one simulated press since it was switched on.
 *
 * @param seed which press of all of its kind, and which cloths
 * @param moves in their order, {@value #MOST_MOVES} at most
 */
public record Shift(long seed, PressKind kind, Workroom room, List<Move> moves) {
  public static final int MOST_MOVES = 40;

  public Shift {
    moves = List.copyOf(moves);
    if (moves.size() > MOST_MOVES) {
      throw new ImpossibleValueException("more than " + MOST_MOVES + " moves: " + moves.size());
    }
  }

  /**
   * The display is set, the press stands open for a while, and a piece is pressed.
   *
   * @param work null where nothing is pressed then
   */
  public record Move(Celsius dial, Seconds standing, @Nullable Work work) {}

  /**
   * A piece that is pressed.
   *
   * @param decoration the id of the one of the job's that is pressed
   * @param medium the key of one that is pressed
   */
  public record Work(JobRequest job, String decoration, String medium, Settings settings) {}
}
