package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import velvetkettle.core.plan.Step;

/**
 * The pieces of an order as batches: for each round the tools as they are set, then every piece. A
 * round begins when the one before is over, as all pieces go through it before the tools are set
 * anew.
 *
 * @param id of the order
 * @param steps of its plan
 * @param handTools names of the tools that hands hold down as long as they press
 * @param cooling where a piece lies while it waits
 */
public record OrderWork(String id, List<Step> steps, Set<String> handTools, Cooling cooling) {
  /** Where a piece lies while it waits. */
  public enum Cooling {
    /** On the press, which then takes no other. */
    ON_THE_PRESS,
    /** Beside it: laid aside, and laid back where it is pressed again. */
    BESIDE
  }

  public OrderWork {
    steps = List.copyOf(steps);
    handTools = Set.copyOf(handTools);
  }

  /**
   * All of an order, none begun.
   *
   * @param pieces how many there are, at least 1
   * @param after batches that have to be over before its tools are set
   */
  public List<Batch> batches(int pieces, Set<String> after) {
    List<Batch> batches = new ArrayList<>();
    Set<String> before = after;
    for (int round : rounds()) {
      List<Step> set = steps(round, true);
      if (!set.isEmpty()) {
        batches.add(Batch.of(setting(round), List.of(settingOf(set)), 1, before));
        before = Set.of(setting(round));
      }
      List<Visit> visits = visits(round);
      if (!visits.isEmpty()) {
        batches.add(
            Batch.of(piecesOf(round), visits, pieces, before).withFree(free(round, visits)));
        before = Set.of(piecesOf(round));
      }
    }
    return batches;
  }

  /** The rounds, in their order. */
  public Set<Integer> rounds() {
    return steps.stream().map(Step::round).collect(Collectors.toCollection(TreeSet::new));
  }

  /** The tools of all rounds, by their names. */
  public Set<String> tools() {
    return rounds().stream()
        .flatMap(round -> visits(round).stream())
        .flatMap(visit -> visit.presses().stream())
        .collect(Collectors.toSet());
  }

  /** The id of a round's tools. */
  public String setting(int round) {
    return id + "/set/" + round;
  }

  /** The id of a round's pieces. */
  public String piecesOf(int round) {
    return id + "/pieces/" + round;
  }

  private List<Step> steps(int round, boolean once) {
    return steps.stream().filter(s -> s.round() == round && s.once() == once).toList();
  }

  /** What one piece takes in a round. */
  public List<Visit> visits(int round) {
    return PieceVisits.of(steps(round, false), handTools, cooling);
  }

  /** While the tools of the first round heat up, hands do what needs none. */
  private static int free(int round, List<Visit> visits) {
    int free = 0;
    while (round == 1 && free < visits.size() && visits.get(free).waitsAnywhere()) {
      free++;
    }
    return free;
  }

  /** Tools heat up beside one another; pieces wait for the slowest. */
  private static Visit settingOf(List<Step> set) {
    int hands = set.stream().mapToInt(PieceVisits::hands).sum();
    int heating = set.stream().mapToInt(PieceVisits::timed).max().orElse(0);
    return new Visit(
        new Visit.Steps(set.get(0).number(), set.get(set.size() - 1).number()),
        hands,
        Set.of(),
        null,
        Rest.atLeast(heating));
  }
}
