package velvetkettle.core.plan;

import java.util.Collection;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;

/** Says what goes into a garment and below it, and what comes out: sheets, pads, forms. */
final class SheetWords {
  private final Collection<Chosen> things;

  /**
   * @param things that lie on the garment, which a pad may lift
   */
  SheetWords(Collection<Chosen> things) {
    this.things = things;
  }

  /**
   * @param before the bench before it
   */
  Sentence of(List<Act> move, Bench before) {
    boolean kraftIn = insert(move, Filling.KRAFT, Gap.BELOW);
    boolean kraftOut = takeOut(move, Filling.KRAFT, Gap.BELOW);
    boolean parchmentIn = insert(move, Filling.PARCHMENT, Gap.INSIDE);
    if (insert(move, Filling.PARCHMENT, Gap.BELOW)) {
      return Sentence.of("do.paper-below" + board(before));
    }
    if (takeOut(move, Filling.PARCHMENT, Gap.BELOW)) {
      return Sentence.of("do.paper-below-out");
    }
    boolean parchmentOut = takeOut(move, Filling.PARCHMENT, Gap.INSIDE);
    Act.Insert lift = lifts(move);
    if (lift != null) {
      return lifting(lift, parchmentIn);
    }
    if (takeOut(move, Filling.FOAM_PAD, Gap.INSIDE) || takeOut(move, Filling.FOAM_PAD, Gap.BELOW)) {
      return Sentence.of(
          parchmentOut ? "do.pad-out" : parchmentIn ? "do.pad-out-sheet-in" : "do.pad-away");
    }
    if (takeOut(move, Filling.FORM, Gap.INSIDE)) {
      return Sentence.of("do.form-out");
    }
    if (takeOut(move, Filling.PARCHMENT, Gap.POCKET)) {
      return Sentence.of(parchmentOut ? "do.sheets-out" : "do.pocket-sheet-out");
    }
    if (kraftIn) {
      return Sentence.of(
          !insert(move, Filling.KRAFT, Gap.INSIDE)
              ? "do.kraft-below"
              : parchmentOut ? "do.kraft-change" : "do.kraft-in");
    }
    if (kraftOut) {
      return Sentence.of(
          parchmentIn
              ? "do.kraft-back"
              : takeOut(move, Filling.KRAFT, Gap.INSIDE) ? "do.kraft-out" : "do.kraft-off");
    }
    return Sentence.of(parchmentIn ? "do.sheet-in" : "do.sheet-out");
  }

  private Sentence lifting(Act.Insert lift, boolean withSheet) {
    if (lift.what() == Filling.FORM) {
      return Sentence.of("do.form-in", Millimetres.of(Math.round(width(lift))));
    }
    Chosen raised =
        things.stream()
            .filter(one -> Objects.equals(one.placing().insert(), lift.where()))
            .findFirst()
            .orElse(null);
    Obstacle about = raised == null ? null : raised.placing().about();
    String where =
        lift.gap() == Gap.BELOW ? "do.pad-below" : withSheet ? "do.pad-sheet-in" : "do.pad-in";
    return about == null ? Sentence.of(where + ".plain") : Sentence.of(where + ".about", about);
  }

  private static double width(Act.Insert lift) {
    return lift.where() == null ? 0 : lift.where().width();
  }

  private static Act.@Nullable Insert lifts(List<Act> move) {
    return move.stream()
        .filter(Act.Insert.class::isInstance)
        .map(Act.Insert.class::cast)
        .filter(act -> act.what() == Filling.FOAM_PAD || act.what() == Filling.FORM)
        .findFirst()
        .orElse(null);
  }

  private static boolean insert(List<Act> move, Filling what, Gap gap) {
    return move.stream()
        .anyMatch(act -> act instanceof Act.Insert one && one.what() == what && one.gap() == gap);
  }

  private static boolean takeOut(List<Act> move, Filling what, Gap gap) {
    return move.stream()
        .anyMatch(act -> act instanceof Act.TakeOut one && one.what() == what && one.gap() == gap);
  }

  /** What is held in a hand has no lower platen: the work lies on a board. */
  private static String board(Bench before) {
    return before.tool().press().kind().pressedByHand() ? ".board" : "";
  }
}
