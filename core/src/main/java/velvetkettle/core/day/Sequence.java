package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The visits so far, in the order in which hands go to them. With the order given, all else
 * follows: what lies on which press and how many pieces cool is told by it alone, and the moments
 * are the least that keep every rest (the longest path through what has to be before what). A piece
 * that may not rest long pulls the visit before its rest later, and all in between with it.
 */
final class Sequence {
  private static final int NOBODY = -1;
  private final Work work;

  /** How many visits there are. */
  final int count;

  /** By place in the sequence. */
  private final int[] piece;

  private final int[] start;
  private final int[] end;

  /** What hands have done before that place, s. */
  private final int[] before;

  /** The place of the same piece's visit before it; {@link #NOBODY} for its first. */
  private final int[] previous;

  /** By piece: which visit is next, and the place of the one before; {@link #NOBODY} if none. */
  private final int[] next;

  private final int[] last;

  /** By press: the piece on it. */
  private final int[] on;

  /** By batch: how many pieces are not finished. */
  private final int[] open;

  private final int cooling;

  private Sequence(
      Work work,
      int count,
      int[] piece,
      int[] start,
      int[] end,
      int[] before,
      int[] previous,
      int[] next,
      int[] last,
      int[] on,
      int[] open,
      int cooling) {
    this.work = work;
    this.count = count;
    this.piece = piece;
    this.start = start;
    this.end = end;
    this.before = before;
    this.previous = previous;
    this.next = next;
    this.last = last;
    this.on = on;
    this.open = open;
    this.cooling = cooling;
  }

  /** Nothing done from now on; what was begun lies where it lies. */
  static Sequence empty(Work work) {
    int[] next = new int[work.pieces];
    int[] last = new int[work.pieces];
    int[] on = new int[work.presses];
    int[] open = new int[work.batches.size()];
    Arrays.fill(last, NOBODY);
    Arrays.fill(on, NOBODY);
    int cooling = 0;
    for (int p = 0; p < work.pieces; p++) {
      next[p] = work.standing[p].done();
      open[work.batchOf[p]]++;
      if (next[p] > 0) {
        Visit done = work.visit(p, next[p] - 1);
        int lies = work.lies[work.batchOf[p]][next[p] - 1];
        if (lies >= 0) {
          on[lies] = p;
        }
        cooling += done.cools() ? 1 : 0;
      }
    }
    int[] none = new int[0];
    return new Sequence(work, 0, none, none, none, none, none, next, last, on, open, cooling);
  }

  /** Whether a piece lies where it may not lie for ever. */
  boolean isDue() {
    for (int p = 0; p < work.pieces; p++) {
      int v = next[p];
      if (v > 0 && v < work.visits(p) && work.visit(p, v - 1).rest().most() != Rest.FOR_EVER) {
        return true;
      }
    }
    return false;
  }

  /** Most pressing first: the piece in hand, then what was begun, then the rest. */
  int turn(int p) {
    if (count > 0 && piece[count - 1] == p) {
      return 0;
    }
    if (next[p] == 0) {
      return Integer.MAX_VALUE;
    }
    int most = work.visit(p, next[p] - 1).rest().most();
    return most == Rest.FOR_EVER ? Integer.MAX_VALUE - 1 : 1 + Math.max(0, endOfLast(p) + most);
  }

  /** When hands are free again, s from now. */
  int free() {
    return count == 0 ? 0 : end[count - 1];
  }

  boolean finished() {
    return Arrays.stream(open).allMatch(left -> left == 0);
  }

  /** Until the last rest that something waits for is over: nothing waits, so the last visit's. */
  int seconds() {
    return free();
  }

  /**
   * The pieces that hands may go to next: of those that stand alike, the one that has stood longest
   * (changing two such pieces over changes nothing else, so no order is lost).
   */
  List<Integer> choices() {
    List<Integer> found = new ArrayList<>();
    int first = 0;
    for (int b = 0; b < work.batches.size(); b++) {
      int pieces = work.batches.get(b).pieces().size();
      int visits = work.batches.get(b).visits().size();
      if (open[b] > 0) {
        boolean mayBegin = mayBegin(b);
        int free = work.batches.get(b).free();
        int[] oldest = new int[visits];
        Arrays.fill(oldest, NOBODY);
        for (int p = first; p < first + pieces; p++) {
          int v = next[p];
          if (v < visits && (oldest[v] == NOBODY || hasStoodLonger(p, oldest[v]))) {
            oldest[v] = p;
          }
        }
        for (int p : oldest) {
          if (p != NOBODY && (mayBegin || next[p] < free) && fits(p)) {
            found.add(p);
          }
        }
      }
      first += pieces;
    }
    return found;
  }

  private boolean mayBegin(int batch) {
    for (int other : work.after[batch]) {
      if (open[other] > 0) {
        return false;
      }
    }
    return true;
  }

  private boolean hasStoodLonger(int one, int other) {
    return endOfLast(one) < endOfLast(other);
  }

  /** When its last visit ended, s from now; below 0 before. */
  private int endOfLast(int p) {
    return last[p] != NOBODY ? end[last[p]] : -work.standing[p].ago();
  }

  private boolean fits(int p) {
    int b = work.batchOf[p];
    int v = next[p];
    for (int press : work.uses[b][v]) {
      if (on[press] != NOBODY && on[press] != p) {
        return false;
      }
    }
    Visit visit = work.visit(p, v);
    boolean cooled = v > 0 && work.visit(p, v - 1).cools();
    boolean cools = visit.cools() && v < work.visits(p) - 1;
    return !cools || cooling - (cooled ? 1 : 0) < work.coolingPlaces;
  }

  /** With one more visit; null where a rest would be too long. */
  @Nullable Sequence then(int p) {
    int b = work.batchOf[p];
    int v = next[p];
    Visit visit = work.visit(p, v);
    int k = count;
    int[] pieces = longer(piece);
    int[] starts = longer(start);
    int[] ends = longer(end);
    int[] done = longer(before);
    int[] previousOf = longer(previous);
    pieces[k] = p;
    done[k] = k == 0 ? 0 : before[k - 1] + hands(k - 1);
    previousOf[k] = last[p];
    starts[k] = free();
    ends[k] = starts[k] + visit.hands();
    int[] nextOf = next.clone();
    int[] lastOf = last.clone();
    int[] onOf = on.clone();
    int[] openOf = open.clone();
    nextOf[p]++;
    lastOf[p] = k;
    boolean over = nextOf[p] == work.visits(p);
    if (over) {
      openOf[b]--;
    }
    for (int press = 0; press < onOf.length; press++) {
      if (onOf[press] == p) {
        onOf[press] = NOBODY;
      }
    }
    if (!over && work.lies[b][v] >= 0) {
      onOf[work.lies[b][v]] = p;
    }
    int cool = cooling;
    cool -= v > 0 && work.visit(p, v - 1).cools() ? 1 : 0;
    cool += !over && visit.cools() ? 1 : 0;
    Sequence longer =
        new Sequence(
            work,
            k + 1,
            pieces,
            starts,
            ends,
            done,
            previousOf,
            nextOf,
            lastOf,
            onOf,
            openOf,
            cool);
    return longer.settles(k) && longer.nobodyWaitsTooLong() ? longer : null;
  }

  private static int[] longer(int[] array) {
    return Arrays.copyOf(array, array.length + 1);
  }

  private int hands(int k) {
    return end[k] - start[k];
  }

  /** Which visit of its piece stands at a place. */
  private int visitAt(int k) {
    int v = work.standing[piece[k]].done();
    for (int at = previous[k]; at != NOBODY; at = previous[at]) {
      v++;
    }
    return v;
  }

  /**
   * Puts the moments from a place on to the least that keep all rests. After as many passes as
   * there are visits each has been pulled as late as any chain can pull it, unless there is none.
   */
  private boolean settles(int from) {
    int low = from;
    for (int pass = 0; pass <= count + 1; pass++) {
      int again = count;
      for (int k = low; k < count; k++) {
        int hands = hands(k);
        start[k] = Math.max(start[k], earliest(k));
        end[k] = start[k] + hands;
        int p = piece[k];
        int v = visitAt(k);
        if (v == 0) {
          continue;
        }
        int most = work.visit(p, v - 1).rest().most();
        if (most == Rest.FOR_EVER) {
          continue;
        }
        int at = previous[k];
        if (at == NOBODY) {
          if (start[k] > latestOfBegun(p, most)) {
            return false;
          }
        } else if (start[k] - end[at] > most) {
          int handsBefore = hands(at);
          end[at] = start[k] - most;
          start[at] = end[at] - handsBefore;
          again = Math.min(again, at);
        }
      }
      if (again == count) {
        return true;
      }
      low = again;
    }
    return false;
  }

  /** What lies too long already is taken as soon as it can be. */
  private int latestOfBegun(int p, int most) {
    int ago = work.standing[p].ago();
    return work.late || ago > most ? Integer.MAX_VALUE : most - ago;
  }

  private int earliest(int k) {
    int moment = k == 0 ? 0 : end[k - 1];
    int p = piece[k];
    int at = previous[k];
    int v = visitAt(k);
    if (v > 0) {
      int least = work.visit(p, v - 1).rest().least();
      int since = at == NOBODY ? -work.standing[p].ago() : end[at];
      moment = Math.max(moment, since + least);
    }
    if (v == work.batches.get(work.batchOf[p]).free()) {
      for (int b : work.after[work.batchOf[p]]) {
        moment = Math.max(moment, finish(b));
      }
    }
    return moment;
  }

  /** When all of a batch is finished, and has rested as what comes after it needs. */
  private int finish(int b) {
    if (work.batches.get(b).pieces().isEmpty()) {
      return 0;
    }
    int first = 0;
    while (work.batchOf[first] != b) {
      first++;
    }
    List<Visit> visits = work.batches.get(b).visits();
    int rest = visits.get(visits.size() - 1).rest().least();
    int moment = 0;
    for (int p = first; p < work.pieces && work.batchOf[p] == b; p++) {
      moment = Math.max(moment, end[last[p]] + rest);
    }
    return moment;
  }

  /** Hands that were elsewhere longer than a piece may rest cannot be on time, whatever moves. */
  private boolean nobodyWaitsTooLong() {
    int done = before[count - 1] + hands(count - 1);
    for (int p = 0; p < work.pieces; p++) {
      int v = next[p];
      if (v == 0 || v == work.visits(p)) {
        continue;
      }
      int most = work.visit(p, v - 1).rest().most();
      if (most == Rest.FOR_EVER) {
        continue;
      }
      int at = last[p];
      int since = at == NOBODY ? done : done - before[at] - hands(at);
      int may = at == NOBODY ? latestOfBegun(p, most) : most;
      if (since > may) {
        return false;
      }
    }
    return true;
  }

  /** No way on is over before that, s from now. */
  int bound() {
    int now = free();
    int hands = 0;
    int latest = now;
    int[] busy = new int[work.presses];
    int[] tails = new int[work.presses];
    Arrays.fill(tails, Integer.MAX_VALUE);
    for (int p = 0; p < work.pieces; p++) {
      int b = work.batchOf[p];
      int v = next[p];
      if (v == work.visits(p)) {
        continue;
      }
      hands += work.hands[b][v];
      int ready = now;
      if (v > 0) {
        ready = Math.max(now, endOfLast(p) + work.visit(p, v - 1).rest().least());
      }
      latest = Math.max(latest, ready + work.chain[b][v]);
      for (int press = 0; press < work.presses; press++) {
        int needed = work.needed[b][v][press] + (on[press] == p ? ready - now : 0);
        if (needed > 0) {
          busy[press] += needed;
          tails[press] = Math.min(tails[press], work.tail[b][press]);
        }
      }
    }
    int bound = Math.max(latest, now + hands);
    for (int press = 0; press < work.presses; press++) {
      if (busy[press] > 0) {
        bound = Math.max(bound, now + busy[press] + tails[press]);
      }
    }
    return bound;
  }

  List<Placement> placements() {
    List<Placement> told = new ArrayList<>();
    for (int k = 0; k < count; k++) {
      Batch batch = work.batches.get(work.batchOf[piece[k]]);
      told.add(
          new Placement(batch.id(), work.standing[piece[k]].piece(), visitAt(k), start[k], end[k]));
    }
    return told;
  }
}
