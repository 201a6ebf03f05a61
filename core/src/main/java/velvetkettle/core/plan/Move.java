package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;

/** Acts that hands do in one go, and that one step tells: a closing with its sheet, for one. */
final class Move {
  private Move() {}

  /** The acts in their order, parted into moves; each act is in one. */
  static List<List<Act>> of(List<Act> acts) {
    List<List<Act>> moves = new ArrayList<>();
    Act last = null;
    for (Act act : acts) {
      if (last != null && isOneMove(last, act)) {
        moves.get(moves.size() - 1).add(act);
      } else {
        moves.add(new ArrayList<>(List.of(act)));
      }
      last = act;
    }
    return moves;
  }

  private static boolean isOneMove(Act before, Act act) {
    if (before instanceof Act.Cover || act instanceof Act.Open || act instanceof Act.Uncover) {
      return true;
    }
    if (before instanceof Act.EmptyPocket) {
      return act instanceof Act.Insert;
    }
    if (isBoard(before) || isBoard(act)) {
      // In, the cut, and out again are one move.
      return act instanceof Act.CutOpenings || before instanceof Act.CutOpenings;
    }
    return isSheet(before) && isSheet(act)
        || before instanceof Act.LayFlat && act instanceof Act.HangOff
        || act instanceof Act.Tape
        || before instanceof Act.Shield && act instanceof Act.Shield
        || before instanceof Act.Unshield && act instanceof Act.Unshield;
  }

  private static boolean isSheet(Act act) {
    if (act instanceof Act.Insert in) {
      return !isPaperBelow(in.what(), in.gap());
    }
    return act instanceof Act.TakeOut out && !isPaperBelow(out.what(), out.gap());
  }

  private static boolean isBoard(Act act) {
    return act instanceof Act.Insert in && in.what() == Filling.CUTTING_BOARD
        || act instanceof Act.TakeOut out && out.what() == Filling.CUTTING_BOARD;
  }

  /** Has a word of its own. */
  private static boolean isPaperBelow(Filling what, Gap gap) {
    return what == Filling.PARCHMENT && gap == Gap.BELOW;
  }
}
