package velvetkettle.core.plan.order;

import java.util.Optional;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Appearance;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/**
 * What the trade says of two things on one garment, one of which lies there while the other is
 * pressed [handbook 5.1, common practice, no source].
 */
public final class Precedence {
  /** Under a sheet a medium bears a little more than its own window (engineering estimate), K. */
  private static final double BEARS_ABOVE = 15;

  private Precedence() {}

  /** Why not, and what to change. */
  public record Reason(Sentence why, Sentence lift) {}

  /** Why the first cannot lie there while the second is pressed; empty where it can. */
  public static Optional<Reason> against(Chosen first, Chosen second) {
    if (first.decoration().id().equals(second.decoration().id())) {
      return Optional.empty();
    }
    if (first.decoration().liesOver(second.decoration())) {
      return because("lower-first", first, second);
    }
    if (second.decoration().liesOver(first.decoration()) && !layers(first, second)) {
      return because("nothing-over-it", first, second);
    }
    return reaches(second, first) ? byHeat(first, second) : Optional.empty();
  }

  /** A print in the cloth is no layer: what goes with cloth goes on it. */
  private static boolean layers(Chosen lower, Chosen upper) {
    return medium(lower).construction().dyesTheCloth()
        || (medium(lower).again().layering() == Layering.BOTH
            && medium(upper).again().layering() != Layering.ALONE);
  }

  private static Optional<Reason> byHeat(Chosen first, Chosen second) {
    if (medium(first).again().flattens()) {
      return because("raised-last", first, second);
    }
    if (standsOut(first) && !standsOut(second) && !first.isBehind(second)) {
      return because("stones-last", first, second);
    }
    boolean ink = medium(second).construction().gasInk();
    if (ink && !medium(first).construction().dyesTheCloth()) {
      return because("sublimation-first", first, second);
    }
    Celsius bears = bears(first);
    Celsius platen = second.press().recipe().setting().platen();
    if (platen.compareTo(bears) > 0) {
      return Optional.of(
          new Reason(
              Sentence.of("order.too-hot", name(first), name(second), platen, bears),
              Sentence.of("order.too-hot.lift", name(second), bears)));
    }
    return Optional.empty();
  }

  private static Optional<Reason> because(String key, Chosen first, Chosen second) {
    return Optional.of(
        new Reason(
            Sentence.of("order." + key, name(first), name(second)),
            Sentence.of("order." + key + ".lift", name(first), name(second))));
  }

  /** A platen that comes down on stones presses nothing beside them, and dents itself. */
  static boolean standsOut(Chosen thing) {
    return medium(thing).appearance().ofStones();
  }

  /** A print in the cloth bears what gas ink bears; it fades before, which the dose says. */
  private static Celsius bears(Chosen first) {
    double high = medium(first).window().temperature().high().degrees();
    return Celsius.of(high + BEARS_ABOVE);
  }

  /**
   * How much against practice it is, though possible: 0 or 1. Stones lie high and come last, also
   * where the garment is turned over; an image comes before the piece of cloth beside it.
   */
  public static int unusual(Chosen first, Chosen second) {
    if (!reaches(second, first)) {
      return 0;
    }
    Appearance lying = medium(first).appearance();
    Appearance image = medium(second).appearance();
    boolean stones = lying.ofStones() && !image.ofStones();
    boolean clothThenImage = lying.ofCloth() && !image.ownGround();
    return stones || clothThenImage ? 1 : 0;
  }

  /** Whether the tool that presses one thing comes down on another that lies there. */
  public static boolean reaches(Chosen pressed, Chosen lying) {
    PressKind tool = pressed.press().press().kind();
    if (tool.setsSingleStones()) {
      return false;
    }
    boolean stacked =
        pressed.decoration().liesOver(lying.decoration())
            || lying.decoration().liesOver(pressed.decoration());
    return stacked || comesDownOn(pressed, lying);
  }

  /** Face up, or through the cloth where the garment is turned over with all its layers. */
  private static boolean comesDownOn(Chosen pressed, Chosen lying) {
    Placing press = pressed.placing();
    Placing there = lying.placing();
    boolean behind = press.face() != there.face();
    if (behind && press.oneLayer()) {
      return false;
    }
    Area art = behind ? there.behind() : there.art();
    return press.positions().stream().anyMatch(position -> position.overlaps(art));
  }

  /** As the maker calls it. */
  public static String name(Chosen chosen) {
    return chosen.decoration().artwork().description();
  }

  private static Medium medium(Chosen chosen) {
    return chosen.press().medium();
  }
}
