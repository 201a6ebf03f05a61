package velvetkettle.core.roster;

import java.util.List;
import java.util.Map;

/** How many there are of something, a size or a letter. */
public record Count(String what, int n) {
  static List<Count> of(Map<String, Integer> counts) {
    return counts.entrySet().stream().map(e -> new Count(e.getKey(), e.getValue())).toList();
  }
}
