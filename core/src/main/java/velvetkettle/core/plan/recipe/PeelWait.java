package velvetkettle.core.plan.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.HeatReading;
import velvetkettle.core.heat.phase.Cooling;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * How long a maker waits for the peel: from practice, or computed in steps of five seconds for a
 * piece on a table, because one that waits on the pad keeps the press from the next. The hand on
 * the carrier decides in the end.
 *
 * @param time null where it is peeled at once
 */
public record PeelWait(@Nullable Seconds time, List<Evidence> why) {
  /** About a minute until it feels cold on a table [common practice, no source]. */
  private static final Seconds COLD = Seconds.of(60);

  private static final Seconds WARM = Seconds.of(15);
  private static final double STEP = 5;

  /** Nobody stands longer at a table for one piece; it is laid aside. */
  private static final double LONGEST = 240;

  static @Nullable Seconds usual(Peel peel) {
    return switch (peel) {
      case HOT, NONE -> null;
      case WARM -> WARM;
      case COLD -> COLD;
    };
  }

  /** From the cooling on the table where it is computed, else as is usual. */
  public static PeelWait of(Recipe recipe, HeatReading heat) {
    Peel peel = recipe.peel().when().value();
    Cooling onTable = heat.peel();
    Seconds computed = onTable == null ? null : onTable.waitFor(peel);
    if (computed == null) {
      return new PeelWait(recipe.peel().waiting(), List.of());
    }
    double steps = Math.max(1, Math.ceil(computed.count() / STEP));
    Seconds wait = Seconds.of(Math.min(LONGEST, steps * STEP));
    Celsius below = Celsius.of(peel == Peel.WARM ? Peeling.WARM : Peeling.COLD);
    Sentence says = Sentence.of("why.heat.peel", below, wait);
    return new PeelWait(wait, List.of(new Evidence(Source.MODEL, says)));
  }
}
