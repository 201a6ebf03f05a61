package velvetkettle.core.work;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;

/**
 * What was put into a garment and under it.
 *
 * @param gaps gap by gap, the upper first
 * @param lifted the place that a pad or a form lifts; null where none is in
 */
public record Fillings(Map<Gap, List<Filling>> gaps, @Nullable Area lifted) {
  static final Fillings NONE = new Fillings(Map.of(), null);

  public Fillings {
    gaps = Map.copyOf(gaps);
  }

  List<Filling> in(Gap gap) {
    return gaps.getOrDefault(gap, List.of());
  }

  /** A sheet goes over what lifts the cloth. */
  Fillings with(Act.Insert act) {
    List<Filling> there = new ArrayList<>(in(act.gap()));
    int over = 0;
    while (over < there.size() && !there.get(over).lifts()) {
      over++;
    }
    there.add(over, act.what());
    return with(act.gap(), there, act.what().lifts() ? act.where() : lifted);
  }

  Fillings without(Act.TakeOut act) {
    List<Filling> there = new ArrayList<>(in(act.gap()));
    there.remove(act.what());
    return with(act.gap(), there, act.what().lifts() ? null : lifted);
  }

  private Fillings with(Gap gap, List<Filling> there, @Nullable Area lifts) {
    Map<Gap, List<Filling>> changed = new EnumMap<>(Gap.class);
    changed.putAll(gaps);
    changed.put(gap, List.copyOf(there));
    return new Fillings(changed, lifts);
  }
}
