package velvetkettle.core.run;

import org.jspecify.annotations.Nullable;

/**
 * Where a piece stands.
 *
 * @param piece its number, from 1
 * @param step the step in hand, from 1; one past the last when it is finished and lies there
 * @param timer the time of that step; null while none runs
 */
public record PieceProgress(int piece, int step, @Nullable StepTimer timer) {
  /** Before its first step. */
  static PieceProgress fresh(int piece) {
    return new PieceProgress(piece, 1, null);
  }

  PieceProgress at(int other) {
    return new PieceProgress(piece, other, null);
  }

  PieceProgress with(@Nullable StepTimer other) {
    return new PieceProgress(piece, step, other);
  }
}
