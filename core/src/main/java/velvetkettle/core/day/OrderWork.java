package velvetkettle.core.day;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import velvetkettle.core.plan.Step;
import velvetkettle.core.run.PieceProgress;
import velvetkettle.core.run.RunProgress;
import velvetkettle.core.run.StepTimer;
import velvetkettle.core.work.Act;

/**
 * The pieces of an order as batches: for each round the tools as they are set, then every piece. A
 * round begins when the one before is over, as all pieces go through it before the tools are set
 * anew.
 *
 * @param id of the order
 * @param steps of its plan
 * @param cooling where a piece lies while it waits
 */
public record OrderWork(String id, List<Step> steps, Cooling cooling) {
  /** The display is read (engineering estimate), s. */
  private static final int LOOKING = 5;

  /** Where a piece lies while it waits. */
  public enum Cooling {
    /** On the press, which then takes no other. */
    ON_THE_PRESS,
    /** Beside it: laid aside, and laid back where it is pressed again. */
    BESIDE
  }

  public OrderWork {
    steps = List.copyOf(steps);
  }

  /**
   * What is left of an order.
   *
   * @param progress where its pieces stand
   * @param pieces how many there are in all, at least 1
   * @param now for how long what was begun has rested
   * @param after batches that have to be over before its tools are set
   */
  public List<Batch> batches(RunProgress progress, int pieces, Instant now, Set<String> after) {
    List<Batch> batches = new ArrayList<>();
    Set<String> before = after;
    for (int round : rounds()) {
      List<Step> set = steps(round, true);
      List<Visit> visits = visits(round);
      List<Batch.Standing> standing = standing(visits, progress, pieces, now);
      if (!set.isEmpty() && !isSet(set, progress)) {
        int first = progress.inHand();
        List<Visit> setting = setting(set);
        Batch.Standing tools = standing(setting, progress.piece(first), now);
        batches.add(new Batch(setting(round), setting, List.of(tools), before, 0));
        before = Set.of(setting(round));
        standing = standing.stream().map(one -> withTheTools(one, first, set, visits)).toList();
      }
      if (!standing.isEmpty()) {
        batches.add(new Batch(piecesOf(round), visits, standing, before, free(round, visits)));
        before = Set.of(piecesOf(round));
      }
    }
    return batches;
  }

  /** The piece that the tools are set with was made ready before. */
  private static Batch.Standing withTheTools(
      Batch.Standing one, int first, List<Step> set, List<Visit> visits) {
    if (one.piece() != first) {
      return one;
    }
    int last = lastBeforeThePiece(set);
    int ready = (int) visits.stream().filter(visit -> visit.steps().last() < last).count();
    return one.done() >= ready ? one : new Batch.Standing(first, ready, 0);
  }

  /** The tools are set once for all pieces, with the first that comes to it. */
  private static boolean isSet(List<Step> set, RunProgress progress) {
    int last = lastBeforeThePiece(set);
    return !progress.aside().isEmpty()
        || progress.pieces().stream().anyMatch(piece -> piece.step() > last);
  }

  /** Pressure is read with the first piece in the press. */
  private static int lastBeforeThePiece(List<Step> set) {
    return set.stream()
        .filter(step -> step.acts().stream().noneMatch(Act.SetPressure.class::isInstance))
        .mapToInt(Step::number)
        .max()
        .orElse(set.get(0).number());
  }

  private static List<Batch.Standing> standing(
      List<Visit> visits, RunProgress progress, int pieces, Instant now) {
    List<Batch.Standing> standing = new ArrayList<>();
    for (int number = 1; number <= pieces; number++) {
      Batch.Standing one = standing(visits, progress.piece(number), now);
      if (!progress.aside().contains(number) && one.done() < visits.size()) {
        standing.add(one);
      }
    }
    return standing;
  }

  private static Batch.Standing standing(List<Visit> visits, PieceProgress piece, Instant now) {
    int done = done(visits, piece);
    return new Batch.Standing(piece.piece(), done, done == 0 ? 0 : ago(piece, now));
  }

  /** How many visits a piece has had; the one that hands are at is not over. */
  private static int done(List<Visit> visits, PieceProgress piece) {
    int done = 0;
    for (int v = 0; v < visits.size(); v++) {
      int last = visits.get(v).steps().last();
      boolean closes = v + 1 < visits.size() && visits.get(v + 1).steps().first() == last;
      boolean closed = closes && piece.step() == last && piece.timer() != null;
      if (piece.step() > last || closed) {
        done = v + 1;
      }
    }
    return done;
  }

  private static int ago(PieceProgress piece, Instant now) {
    StepTimer timer = piece.timer();
    if (timer == null) {
      return 0;
    }
    Instant until = timer.pausedAt() == null ? now : timer.pausedAt();
    long ago = Duration.between(timer.startedAt(), until).toMillis() - timer.pausedFor();
    return (int) Math.max(0, Math.min(Rest.LONGEST, ago / 1000));
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
    return PieceVisits.of(steps(round, false), cooling);
  }

  /** What a batch of this order is, by its id: the visits of each of its pieces. */
  List<Visit> visits(String batch) {
    for (int round : rounds()) {
      if (batch.equals(piecesOf(round))) {
        return visits(round);
      }
      if (batch.equals(setting(round))) {
        return setting(steps(round, true));
      }
    }
    throw new IllegalArgumentException("no batch of this order: " + batch);
  }

  /** While the tools of the first round heat up, hands do what needs none. */
  private static int free(int round, List<Visit> visits) {
    int free = 0;
    while (round == 1 && free < visits.size() && visits.get(free).waitsAnywhere()) {
      free++;
    }
    return free;
  }

  /**
   * The tools of a round: set, what the first piece needs before them included, and looked at once
   * they are hot. They heat up beside one another; pieces wait for the slowest.
   */
  private List<Visit> setting(List<Step> set) {
    int last = lastBeforeThePiece(set);
    int hands = 0;
    int heating = 0;
    for (Step step : steps) {
      if (step.round() == set.get(0).round() && step.number() <= last) {
        hands += PieceVisits.hands(step);
        heating = step.once() ? Math.max(heating, PieceVisits.timed(step)) : heating;
      }
    }
    Visit.Steps all = new Visit.Steps(firstOf(set.get(0).round()), last);
    Visit.Steps look = new Visit.Steps(last, last);
    return List.of(
        new Visit(all, hands, Set.of(), null, Rest.atLeast(heating)),
        new Visit(look, LOOKING, Set.of(), null, Rest.NONE));
  }

  private int firstOf(int round) {
    return steps.stream().filter(s -> s.round() == round).findFirst().orElseThrow().number();
  }
}
