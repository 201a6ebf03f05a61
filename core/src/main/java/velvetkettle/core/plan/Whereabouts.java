package velvetkettle.core.plan;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.TableAct;

/** Says where on the garment hands go, in millimetres. */
final class Whereabouts {
  private final Garment garment;
  private final Map<String, Chosen> things;

  Whereabouts(Garment garment, Map<String, Chosen> things) {
    this.garment = garment;
    this.things = things;
  }

  /**
   * Where on the garment it is done, in millimetres; null where that is not asked.
   *
   * @param before the bench before it
   */
  @Nullable Sentence of(List<Act> move, Bench before) {
    for (Act act : move) {
      Placing placing = placedBy(act, before);
      if (placing != null) {
        Area area = placing.art();
        return Sentence.of("where.art", across(area.middle()), down(area.y(), placing.face()));
      }
      if (act instanceof Act.Close close && close.of() > 1 && !isStoneByStone(before)) {
        Area area = close.where();
        return Sentence.of(
            isCarriedUnder(close, before) ? "where.platen-carrier" : "where.platen",
            close.position(),
            close.of(),
            across(area.middle()),
            down(area.y() + area.height() / 2, before.pose().face()));
      }
    }
    return null;
  }

  /** A tip goes over all of it for each size. */
  private static boolean isStoneByStone(Bench bench) {
    return bench.pose().tool() != null && bench.tool().press().kind().setsSingleStones();
  }

  /** Where a thing lies that this act brings to its place; null where it brings none. */
  private @Nullable Placing placedBy(Act act, Bench before) {
    boolean brings =
        act instanceof TableAct.LayStencil
            || act instanceof Act.LayOn && !before.isUnderStencil(requireNonNull(act.thing()));
    return brings ? requireNonNull(things.get(requireNonNull(act.thing()))).placing() : null;
  }

  private static boolean isCarriedUnder(Act.Close close, Bench before) {
    return before.lying().stream()
        .anyMatch(piece -> piece.isCarried() && piece.thing().equals(close.thing()));
  }

  /** How far from the centre line, as one looks at it. */
  private static Sentence across(double millimetres) {
    long aside = Math.round(millimetres);
    String side = aside == 0 ? "at.middle" : aside > 0 ? "at.right" : "at.left";
    return Sentence.of(side, Millimetres.of(Math.abs(aside)));
  }

  /** How far below what every garment of its kind has. */
  private Sentence down(double millimetres, GarmentFace face) {
    boolean collar = GarmentPattern.of(garment).collar(face) > 0;
    String from = (collar ? "at.collar" : "at.top") + (millimetres < 0 ? ".above" : "");
    return Sentence.of(from, Millimetres.of(Math.round(Math.abs(millimetres))));
  }
}
