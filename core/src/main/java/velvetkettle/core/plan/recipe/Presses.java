package velvetkettle.core.plan.recipe;

import java.util.List;
import java.util.stream.Stream;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * What closes beside the main press, and how the tool in hand does it.
 *
 * @param drying the pre-press that flattens and dries the cloth
 * @param coolBeforePlacing whether the cloth cools again before the medium is laid on
 * @param before the presses before the main one, in their order
 * @param after the presses after the peel, in their order
 * @param positions overlapping places of the platen that cover the design
 * @param tool how the tool in hand is set and held for this
 */
public record Presses(
    Recommended<Seconds> drying,
    boolean coolBeforePlacing,
    List<ShortPress> before,
    List<ShortPress> after,
    int positions,
    List<Sentence> tool) {
  public Presses {
    before = List.copyOf(before);
    after = List.copyOf(after);
    tool = List.copyOf(tool);
  }

  /** The same with other presses after the peel. */
  Presses after(List<ShortPress> others) {
    return new Presses(drying, coolBeforePlacing, before, others, positions, tool);
  }

  /** Of all before and after the main one, s. */
  double shortPresses() {
    return Stream.concat(before.stream(), after.stream())
        .mapToDouble(press -> press.setting().time().count())
        .sum();
  }
}
