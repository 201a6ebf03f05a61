package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.List;

/** A value of the recipe and why. */
public record Recommended<T>(T value, List<Evidence> why) {
  public Recommended {
    why = List.copyOf(why);
  }

  /** The same value, resting on more. */
  public Recommended<T> and(List<Evidence> more) {
    List<Evidence> all = new ArrayList<>(why);
    all.addAll(more);
    return new Recommended<>(value, all);
  }

  static <T> Recommended<T> of(T value, Evidence... why) {
    return new Recommended<>(value, List.of(why));
  }
}
