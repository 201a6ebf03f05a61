package velvetkettle.core.day;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Pieces that all take the same: those of a ticket in one round, or the tools that are set for it,
 * as one.
 *
 * @param id tells batches apart
 * @param visits of each piece, at least one
 * @param pieces where each stands; only those that are not finished
 * @param after ids of the batches that have to be finished, and to have rested, before
 * @param free how many visits of each piece may be done before that nevertheless
 */
public record Batch(
    String id, List<Visit> visits, List<Standing> pieces, Set<String> after, int free) {
  /**
   * Where a piece stands.
   *
   * @param piece its number, from 1
   * @param done how many visits it has had
   * @param ago how long ago the last of them ended, whole s; 0 where it had none
   */
  public record Standing(int piece, int done, int ago) {
    public static Standing fresh(int piece) {
      return new Standing(piece, 0, 0);
    }
  }

  public Batch {
    visits = List.copyOf(visits);
    pieces = List.copyOf(pieces);
    after = Set.copyOf(after);
    if (free < 0 || free > visits.size()) {
      throw new ImpossibleValueException("free visits: " + free);
    }
    if (!visits.subList(0, free).stream().allMatch(Visit::waitsAnywhere)) {
      throw new ImpossibleValueException("what lies on a press or soon spoils waits for nothing");
    }
    for (Standing one : pieces) {
      if (one.done() < 0 || one.done() >= visits.size() || one.ago() < 0) {
        throw new ImpossibleValueException("a piece stands before one of its visits: " + one);
      }
    }
  }

  /** That many pieces, none begun. */
  public static Batch of(String id, List<Visit> visits, int pieces, Set<String> after) {
    List<Standing> fresh = IntStream.rangeClosed(1, pieces).mapToObj(Standing::fresh).toList();
    return new Batch(id, visits, fresh, after, 0);
  }

  /** The same, with some visits that wait for nothing. */
  public Batch withFree(int visitsFree) {
    return new Batch(id, visits, pieces, after, visitsFree);
  }
}
