package velvetkettle.core.day;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import velvetkettle.core.quantity.ImpossibleValueException;

/** All pieces with what each still takes, by number, for searching. */
final class Work {
  final int coolingPlaces;

  /** Whether what was begun cannot all be taken in time any more. */
  final boolean late;

  final List<Batch> batches;
  final int pieces;
  final int presses;

  /** By piece. */
  final int[] batchOf;

  final Batch.Standing[] standing;

  /** By batch: the batches that have to be finished before it, and how many pieces they have. */
  final int[][] after;

  /** By batch and visit: from its beginning to the end of the last one at the earliest, s. */
  final int[][] chain;

  /** By batch and visit: what hands still have to do, s. */
  final int[][] hands;

  /** By batch, visit and press: how long the press is still needed, s. */
  final int[][][] needed;

  /** By batch and press: from when the press is needed no more to the end of the piece, s. */
  final int[][] tail;

  private final Map<String, Integer> pressNumbers = new HashMap<>();

  /** By batch and visit. */
  final int[][][] uses;

  final int[][] lies;

  Work(List<Batch> batches, int coolingPlaces, boolean late) {
    this.batches = List.copyOf(batches);
    this.coolingPlaces = coolingPlaces;
    this.late = late;
    Set<String> names = new TreeSet<>();
    batches.forEach(b -> b.visits().forEach(v -> names.addAll(v.presses())));
    names.forEach(name -> pressNumbers.put(name, pressNumbers.size()));
    presses = names.size();
    int[] of = new int[batches.size()];
    List<Batch.Standing> all = new ArrayList<>();
    List<Integer> owner = new ArrayList<>();
    Map<String, Integer> ids = new HashMap<>();
    for (int b = 0; b < batches.size(); b++) {
      if (ids.put(batches.get(b).id(), b) != null) {
        throw new ImpossibleValueException("two batches of one id: " + batches.get(b).id());
      }
      of[b] = batches.get(b).pieces().size();
      for (Batch.Standing one : batches.get(b).pieces()) {
        all.add(one);
        owner.add(b);
      }
    }
    pieces = all.size();
    standing = all.toArray(Batch.Standing[]::new);
    batchOf = owner.stream().mapToInt(Integer::intValue).toArray();
    after = new int[batches.size()][];
    chain = new int[batches.size()][];
    hands = new int[batches.size()][];
    needed = new int[batches.size()][][];
    tail = new int[batches.size()][presses];
    uses = new int[batches.size()][][];
    lies = new int[batches.size()][];
    for (int b = 0; b < batches.size(); b++) {
      Batch batch = batches.get(b);
      // What is not there is finished.
      after[b] =
          batch.after().stream().filter(ids::containsKey).mapToInt(ids::get).sorted().toArray();
      measure(b, batch.visits());
    }
  }

  private void measure(int b, List<Visit> visits) {
    int n = visits.size();
    chain[b] = new int[n + 1];
    hands[b] = new int[n + 1];
    needed[b] = new int[n + 1][presses];
    uses[b] = new int[n][];
    lies[b] = new int[n];
    boolean[] seen = new boolean[presses];
    for (int v = n - 1; v >= 0; v--) {
      Visit visit = visits.get(v);
      uses[b][v] = visit.presses().stream().mapToInt(pressNumbers::get).sorted().toArray();
      lies[b][v] = visit.lies() == null ? -1 : requireNonNull(pressNumbers.get(visit.lies()));
      int rest = v < n - 1 ? visit.rest().least() : 0;
      hands[b][v] = visit.hands() + hands[b][v + 1];
      needed[b][v] = needed[b][v + 1].clone();
      for (int press : uses[b][v]) {
        needed[b][v][press] += visit.hands();
        if (!seen[press]) {
          seen[press] = true;
          tail[b][press] = (lies[b][v] == press ? 0 : rest) + chain[b][v + 1];
        }
      }
      if (lies[b][v] >= 0) {
        needed[b][v][lies[b][v]] += rest;
      }
      chain[b][v] = visit.hands() + rest + chain[b][v + 1];
    }
  }

  Visit visit(int piece, int number) {
    return batches.get(batchOf[piece]).visits().get(number);
  }

  int visits(int piece) {
    return batches.get(batchOf[piece]).visits().size();
  }

  /** How many visits are left in all. */
  int left() {
    return Arrays.stream(batchOf).map(b -> batches.get(b).visits().size()).sum()
        - Arrays.stream(standing).mapToInt(Batch.Standing::done).sum();
  }
}
