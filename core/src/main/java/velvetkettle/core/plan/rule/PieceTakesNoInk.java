package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.Piece;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/** A panel or a blank of anything but polyester is no ground for sublimation ink. */
public final class PieceTakesNoInk extends Rule {
  /** As for a print on the garment itself, % [common practice, no source]. */
  private static final double LEAST_POLYESTER = 65;

  public PieceTakesNoInk() {
    super("piece-takes-no-ink", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Piece piece = weighing.artwork().piece();
    if (piece == null || !weighing.medium().dyesItsPiece()) {
      return Optional.empty();
    }
    double polyester = piece.blend().percent(Fibre.POLYESTER);
    return polyester < LEAST_POLYESTER
        ? veto((int) Math.round(polyester), (int) LEAST_POLYESTER)
        : Optional.empty();
  }
}
