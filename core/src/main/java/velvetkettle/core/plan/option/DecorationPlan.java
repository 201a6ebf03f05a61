package velvetkettle.core.plan.option;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.NoHeat;
import velvetkettle.core.quantity.Sentence;

/**
 * What was weighed for one decoration.
 *
 * @param options ranked, the best first; empty where every press medium is ruled out
 * @param twoLayers ways that lay one over another, the best first, where no option shows the art as
 *     it is wanted
 * @param ruledOut the others, each with what would lift its veto
 * @param noHeat the way that always remains: sew, tie or glue
 * @param medium what the steps are for: what the maker took, else the first option, else the
 *     no-heat way
 * @param taken whether the maker took it, or the planner only proposes it
 */
public record DecorationPlan(
    String decoration,
    List<Option> options,
    List<TwoLayers> twoLayers,
    List<RuledOut> ruledOut,
    List<Sentence> noHeat,
    String medium,
    boolean taken) {
  public DecorationPlan {
    options = List.copyOf(options);
    // A plan that was kept before there were any has none.
    twoLayers = twoLayers == null ? List.of() : List.copyOf(twoLayers);
    ruledOut = List.copyOf(ruledOut);
    noHeat = List.copyOf(noHeat);
  }

  /** Null where the no-heat way is taken. */
  public @Nullable Option current() {
    return options.stream()
        .filter(option -> option.medium().equals(medium))
        .findFirst()
        .orElse(null);
  }

  /** The same with another of its options proposed. */
  public DecorationPlan with(Option option) {
    return new DecorationPlan(
        decoration, options, twoLayers, ruledOut, noHeat, option.medium(), taken);
  }

  public boolean withoutHeat() {
    return NoHeat.is(medium);
  }
}
