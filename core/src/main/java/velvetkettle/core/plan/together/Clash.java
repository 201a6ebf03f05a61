package velvetkettle.core.plan.together;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.Precedence;
import velvetkettle.core.quantity.Sentence;

/**
 * Two decorations that no order of work brings onto one garment, or one (named twice) that cannot
 * be pressed where it is to lie.
 *
 * @param first id of the one that would have to lie there already
 * @param second id of the one that would be pressed after it
 * @param reason why not, and why not the other way round either
 * @param lift what to change
 */
public record Clash(String first, String second, Sentence reason, Sentence lift) {
  /** The platen cannot come down where one thing is to lie. */
  static Clash ofPlace(String thing, Sentence why) {
    return new Clash(thing, thing, why, Sentence.of("place.hopeless.lift"));
  }

  /**
   * Heat says no at one of the places of a thing.
   *
   * @param crossed what it lies on unasked; null where it lies on nothing
   * @param margins of which one says no
   */
  static Clash ofHeat(Chosen thing, @Nullable Chosen crossed, Margins margins) {
    Margin against =
        margins.all().filter(one -> one.verdict() == Verdict.NO).findFirst().orElseThrow();
    String id = thing.decoration().id();
    if (crossed != null) {
      return new Clash(
          crossed.decoration().id(),
          id,
          Sentence.of(
              "heat.not-on", Precedence.name(thing), Precedence.name(crossed), against.reason()),
          Sentence.of("heat.not-on.lift"));
    }
    Sentence lift = against.lift();
    return new Clash(
        id,
        id,
        Sentence.of("heat.not-everywhere", against.reason()),
        lift == null ? Sentence.of("lift.nothing") : lift);
  }
}
