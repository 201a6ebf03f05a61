package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import velvetkettle.core.heat.turn.Turn;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.recipe.StackBuilder;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * All turns of a ticket as each of its things meets them. While others are pressed a thing lies
 * open on the table, or under their platen where that reaches it: bare cloth before it is laid on
 * it, the thing itself afterwards.
 */
public final class SharedTurns {
  private final JobRequest job;
  private final List<Chosen> things;

  /** The cloth alone, before anything is laid on it. */
  private final List<Turn> cloth;

  private final List<List<Turn>> own;

  /** The piece looked at when all is pressed. */
  private final List<Turn> end;

  private SharedTurns(
      JobRequest job, List<Chosen> things, List<Turn> cloth, List<List<Turn>> own, List<Turn> end) {
    this.job = job;
    this.things = things;
    this.cloth = cloth;
    this.own = own;
    this.end = end;
  }

  /**
   * @param things in the order in which they are pressed
   */
  public static SharedTurns of(JobRequest job, List<Chosen> things) {
    OrderOfWork.Parts parts = OrderOfWork.parts(job, things);
    List<Turn> cloth = HeatTurns.of(parts.cloth());
    List<List<Turn>> own = new ArrayList<>();
    for (int i = 0; i < things.size(); i++) {
      boolean begun = i > 0 || !cloth.isEmpty();
      own.add(HeatTurns.of(parts.things().get(i), begun));
    }
    return new SharedTurns(job, things, cloth, own, HeatTurns.of(List.of(parts.look()), true));
  }

  /** When the turns of a thing begin: with the cloth's, or with its own where that has none. */
  public Seconds from(int thing) {
    double before = 0;
    for (int earlier = 0; cloth.isEmpty() && earlier < thing; earlier++) {
      before += own.get(earlier).stream().mapToDouble(turn -> turn.time().count()).sum();
    }
    return Seconds.of(before + lead(thing));
  }

  /** What is done by hand before the first press of all brings no heat to anything. */
  private double lead(int thing) {
    List<Turn> turns = own.get(thing);
    return cloth.isEmpty()
        ? turns.stream()
            .takeWhile(turn -> turn instanceof Turn.Open)
            .mapToDouble(turn -> turn.time().count())
            .sum()
        : 0;
  }

  /** All that the thing at this place goes through. */
  public List<Turn> of(int thing) {
    List<Turn> turns = new ArrayList<>(cloth);
    for (int earlier = 0; !cloth.isEmpty() && earlier < thing; earlier++) {
      turns.addAll(bare(thing, earlier));
    }
    own.get(thing).stream()
        .dropWhile(turn -> cloth.isEmpty() && turn instanceof Turn.Open)
        .forEach(turns::add);
    for (int later = thing + 1; later < things.size(); later++) {
      turns.addAll(lying(thing, later));
    }
    turns.addAll(end);
    return turns;
  }

  /** Before it is laid on the cloth. */
  private List<Turn> bare(int thing, int earlier) {
    Chosen pressed = things.get(earlier);
    boolean meets = meets(pressed, things.get(thing)) && !pressed.isBehind(things.get(thing));
    List<Turn> turns = new ArrayList<>();
    for (Turn turn : own.get(earlier)) {
      turns.add(
          meets && turn instanceof Turn.Closed closed
              ? closed(closed, bareStack(thing, closed), Turn.Role.NONE, pressed)
              : open(turn, meets, false, pressed));
    }
    return turns;
  }

  private Stack bareStack(int thing, Turn.Closed closed) {
    return StackBuilder.prePress(things.get(thing).ground(job.garment()), closed.platen());
  }

  /** Once it lies there; a lower layer bonds under the press of what lies over it. */
  private List<Turn> lying(int thing, int later) {
    Chosen there = things.get(thing);
    Chosen pressed = things.get(later);
    boolean meets = meets(pressed, there);
    boolean bonds = there.lowerLayer() && pressed.decoration().liesOver(there.decoration());
    Turn.Role role = bonds ? Turn.Role.ALSO : Turn.Role.NONE;
    Iterator<Turn.Closed> over =
        (meets ? LaterPresses.over(job.garment(), there, pressed) : List.<Turn.Closed>of())
            .iterator();
    List<Turn> turns = new ArrayList<>();
    for (Turn turn : own.get(later)) {
      turns.add(
          turn instanceof Turn.Closed closed && over.hasNext()
              ? closed(closed, over.next().stack(), role, pressed)
              : open(turn, meets, true, pressed));
    }
    return turns;
  }

  /** Where its press is one that heat does not speak of, nothing is said of what lies below it. */
  private boolean meets(Chosen pressed, Chosen thing) {
    OrderOfWork.Pressed tool = pressed.pressed();
    return tool != null
        && job.bench(tool.press()).isComputed()
        && Precedence.reaches(pressed, thing);
  }

  private static Turn closed(Turn.Closed theirs, Stack stack, Turn.Role role, Chosen whose) {
    return new Turn.Closed(
        named(theirs, whose), stack, theirs.platen(), theirs.pressure(), theirs.time(), role);
  }

  private static Turn open(Turn theirs, boolean meets, boolean carrierOff, Chosen whose) {
    boolean onTable = !meets || !(theirs instanceof Turn.Open open) || open.onTable();
    return new Turn.Open(named(theirs, whose), onTable, carrierOff, theirs.time());
  }

  private static Sentence named(Turn theirs, Chosen whose) {
    return Sentence.of("story.turn.of", theirs.name(), Precedence.name(whose));
  }
}
