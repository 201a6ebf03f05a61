package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Things by their numbers, joined into groups two at a time. Each group is led by its first. */
public final class Groups {
  private final int[] leader;

  public Groups(int things) {
    leader = new int[things];
    for (int i = 0; i < things; i++) {
      leader[i] = i;
    }
  }

  /** The first of the group that a thing is in. */
  public int first(int thing) {
    int at = thing;
    while (leader[at] != at) {
      leader[at] = leader[leader[at]];
      at = leader[at];
    }
    return at;
  }

  public void join(int one, int other) {
    int a = first(one);
    int b = first(other);
    leader[Math.max(a, b)] = Math.min(a, b);
  }

  /** All groups by their first, in its order. */
  public Map<Integer, List<Integer>> all() {
    Map<Integer, List<Integer>> all = new LinkedHashMap<>();
    for (int i = 0; i < leader.length; i++) {
      all.computeIfAbsent(first(i), first -> new ArrayList<>()).add(i);
    }
    return all;
  }
}
