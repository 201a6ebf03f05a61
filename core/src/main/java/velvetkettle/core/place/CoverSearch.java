package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The fewest sets that hold every cell: branch and bound on the cell that the fewest sets hold,
 * with cells that no two share a set as the lower bound. Sets inside others, and cells that are
 * held whenever another is, are left out first.
 */
final class CoverSearch {
  /** Decides alone, so that every machine finds the same. */
  private static final int MOST_STEPS = 60_000;

  private final List<BitSet> sets;
  private final int[] names;
  private final List<int[]> holders;
  private List<Integer> best;
  private int steps;

  private CoverSearch(List<BitSet> sets, int[] names, int cells, List<Integer> best) {
    this.sets = sets;
    this.names = names;
    this.best = best;
    holders = new ArrayList<>();
    for (int cell = 0; cell < cells; cell++) {
      int at = cell;
      holders.add(range(sets.size()).filter(set -> sets.get(set).get(at)).toArray());
    }
  }

  /**
   * @param chosen indices of the sets; empty where some cell is in none
   * @param proven whether fewer are impossible
   */
  record Result(List<Integer> chosen, boolean proven) {}

  static Result least(List<BitSet> sets, int cells) {
    BitSet all = new BitSet(cells);
    sets.forEach(all::or);
    if (all.cardinality() < cells) {
      return new Result(List.of(), true);
    }
    int[] names = undominated(sets);
    List<BitSet> kept = new ArrayList<>();
    for (int name : names) {
      kept.add(sets.get(name));
    }
    BitSet demand = withoutFollowers(kept, cells);
    List<Integer> greedy = greedy(kept, demand);
    CoverSearch search = new CoverSearch(kept, names, cells, greedy);
    search.go(demand, new ArrayList<>());
    List<Integer> chosen = search.best.stream().map(set -> search.names[set]).toList();
    return new Result(chosen, search.steps < MOST_STEPS);
  }

  private static IntStream range(int end) {
    return IntStream.range(0, end);
  }

  private static int[] undominated(List<BitSet> sets) {
    List<Integer> bySize =
        range(sets.size())
            .boxed()
            .sorted(Comparator.comparing((Integer i) -> -sets.get(i).cardinality()))
            .toList();
    List<Integer> kept = new ArrayList<>();
    for (int set : bySize) {
      boolean inside = kept.stream().anyMatch(other -> isSubset(sets.get(set), sets.get(other)));
      if (!inside) {
        kept.add(set);
      }
    }
    return kept.stream().mapToInt(Integer::intValue).toArray();
  }

  private static boolean isSubset(BitSet inner, BitSet outer) {
    BitSet rest = (BitSet) inner.clone();
    rest.andNot(outer);
    return rest.isEmpty();
  }

  /** The cells that have to be asked for: one that is held by every holder of another is not. */
  private static BitSet withoutFollowers(List<BitSet> sets, int cells) {
    List<BitSet> holders = new ArrayList<>();
    for (int cell = 0; cell < cells; cell++) {
      BitSet held = new BitSet(sets.size());
      for (int set = 0; set < sets.size(); set++) {
        held.set(set, sets.get(set).get(cell));
      }
      holders.add(held);
    }
    List<Integer> byFewest =
        range(cells)
            .boxed()
            .sorted(Comparator.comparing(c -> holders.get(c).cardinality()))
            .toList();
    BitSet demand = new BitSet(cells);
    List<BitSet> asked = new ArrayList<>();
    for (int cell : byFewest) {
      if (asked.stream().noneMatch(leader -> isSubset(leader, holders.get(cell)))) {
        asked.add(holders.get(cell));
        demand.set(cell);
      }
    }
    return demand;
  }

  private static List<Integer> greedy(List<BitSet> sets, BitSet demand) {
    BitSet open = (BitSet) demand.clone();
    List<Integer> chosen = new ArrayList<>();
    while (!open.isEmpty()) {
      int most =
          range(sets.size())
              .boxed()
              .max(Comparator.comparing(s -> gain(sets.get(s), open)))
              .orElseThrow();
      chosen.add(most);
      open.andNot(sets.get(most));
    }
    return chosen;
  }

  private static int gain(BitSet set, BitSet open) {
    BitSet common = (BitSet) set.clone();
    common.and(open);
    return common.cardinality();
  }

  private void go(BitSet open, List<Integer> chosen) {
    if (open.isEmpty()) {
      best = List.copyOf(chosen);
      return;
    }
    if (++steps >= MOST_STEPS || chosen.size() + atLeast(open) >= best.size()) {
      return;
    }
    int[] tried = holders.get(hardest(open));
    List<Integer> promising =
        Arrays.stream(tried)
            .boxed()
            .sorted(Comparator.comparing((Integer s) -> -gain(sets.get(s), open)))
            .toList();
    for (int set : promising) {
      BitSet rest = (BitSet) open.clone();
      rest.andNot(sets.get(set));
      chosen.add(set);
      go(rest, chosen);
      chosen.remove(chosen.size() - 1);
    }
  }

  private int hardest(BitSet open) {
    return open.stream()
        .boxed()
        .min(Comparator.comparing(cell -> holders.get(cell).length))
        .orElseThrow();
  }

  /** Cells of which no two are held by one set need a set each. */
  private int atLeast(BitSet open) {
    BitSet left = (BitSet) open.clone();
    int count = 0;
    while (!left.isEmpty()) {
      int cell = hardest(left);
      count++;
      for (int set : holders.get(cell)) {
        left.andNot(sets.get(set));
      }
    }
    return count;
  }
}
