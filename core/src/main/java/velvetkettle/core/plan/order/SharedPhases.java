package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.recipe.StackBuilder;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * All phases of a ticket as each of its things meets them. While others are pressed a thing lies
 * open on the table, or under their platen where that reaches it: bare cloth before it is laid on
 * it, the thing itself afterwards.
 */
public final class SharedPhases {
  private final JobRequest job;
  private final List<Chosen> things;

  /** The cloth alone, before anything is laid on it. */
  private final List<WorkPhase> cloth;

  private final List<List<WorkPhase>> own;

  /** The piece looked at when all is pressed. */
  private final List<WorkPhase> end;

  private SharedPhases(
      JobRequest job,
      List<Chosen> things,
      List<WorkPhase> cloth,
      List<List<WorkPhase>> own,
      List<WorkPhase> end) {
    this.job = job;
    this.things = things;
    this.cloth = cloth;
    this.own = own;
    this.end = end;
  }

  /**
   * @param things in the order in which they are pressed
   */
  public static SharedPhases of(JobRequest job, List<Chosen> things) {
    OrderOfWork.Parts parts = OrderOfWork.parts(job, things);
    List<WorkPhase> cloth = WorkPhases.of(parts.cloth());
    List<List<WorkPhase>> own = new ArrayList<>();
    for (int i = 0; i < things.size(); i++) {
      boolean begun = i > 0 || !cloth.isEmpty();
      own.add(WorkPhases.of(parts.things().get(i), begun));
    }
    return new SharedPhases(job, things, cloth, own, WorkPhases.of(List.of(parts.look()), true));
  }

  /** When the phases of a thing begin: with the cloth's, or with its own where that has none. */
  public Seconds from(int thing) {
    double before = 0;
    for (int earlier = 0; cloth.isEmpty() && earlier < thing; earlier++) {
      before += own.get(earlier).stream().mapToDouble(phase -> phase.time().count()).sum();
    }
    return Seconds.of(before + lead(thing));
  }

  /** What is done by hand before the first press of all brings no heat to anything. */
  private double lead(int thing) {
    List<WorkPhase> phases = own.get(thing);
    return cloth.isEmpty()
        ? phases.stream()
            .takeWhile(phase -> phase instanceof WorkPhase.Open)
            .mapToDouble(phase -> phase.time().count())
            .sum()
        : 0;
  }

  /** All that the thing at this place goes through. */
  public List<WorkPhase> of(int thing) {
    List<WorkPhase> phases = new ArrayList<>(cloth);
    for (int earlier = 0; !cloth.isEmpty() && earlier < thing; earlier++) {
      phases.addAll(bare(thing, earlier));
    }
    own.get(thing).stream()
        .dropWhile(phase -> cloth.isEmpty() && phase instanceof WorkPhase.Open)
        .forEach(phases::add);
    for (int later = thing + 1; later < things.size(); later++) {
      phases.addAll(lying(thing, later));
    }
    phases.addAll(end);
    return phases;
  }

  /** Before it is laid on the cloth. */
  private List<WorkPhase> bare(int thing, int earlier) {
    Chosen pressed = things.get(earlier);
    boolean meets = meets(pressed, things.get(thing)) && !pressed.isBehind(things.get(thing));
    List<WorkPhase> phases = new ArrayList<>();
    for (WorkPhase phase : own.get(earlier)) {
      phases.add(
          meets && phase instanceof WorkPhase.Closed closed
              ? closed(closed, bareStack(thing, closed), WorkPhase.Role.NONE, pressed)
              : open(phase, meets, false, pressed));
    }
    return phases;
  }

  private Stack bareStack(int thing, WorkPhase.Closed closed) {
    return StackBuilder.prePress(things.get(thing).ground(job.garment()), closed.platen());
  }

  /** Once it lies there; a lower layer bonds under the press of what lies over it. */
  private List<WorkPhase> lying(int thing, int later) {
    Chosen there = things.get(thing);
    Chosen pressed = things.get(later);
    boolean meets = meets(pressed, there);
    boolean bonds = there.lowerLayer() && pressed.decoration().liesOver(there.decoration());
    WorkPhase.Role role = bonds ? WorkPhase.Role.ALSO : WorkPhase.Role.NONE;
    Iterator<WorkPhase.Closed> over =
        (meets ? LaterPresses.over(job.garment(), there, pressed) : List.<WorkPhase.Closed>of())
            .iterator();
    List<WorkPhase> phases = new ArrayList<>();
    for (WorkPhase phase : own.get(later)) {
      phases.add(
          phase instanceof WorkPhase.Closed closed && over.hasNext()
              ? closed(closed, over.next().stack(), role, pressed)
              : open(phase, meets, true, pressed));
    }
    return phases;
  }

  /** Where its press is one that heat does not speak of, nothing is said of what lies below it. */
  private boolean meets(Chosen pressed, Chosen thing) {
    OrderOfWork.Pressed tool = pressed.pressed();
    return tool != null
        && job.bench(tool.press()).isComputed()
        && Precedence.reaches(pressed, thing);
  }

  private static WorkPhase closed(
      WorkPhase.Closed theirs, Stack stack, WorkPhase.Role role, Chosen whose) {
    return new WorkPhase.Closed(
        named(theirs, whose), stack, theirs.platen(), theirs.pressure(), theirs.time(), role);
  }

  private static WorkPhase open(WorkPhase theirs, boolean meets, boolean carrierOff, Chosen whose) {
    boolean onTable = !meets || !(theirs instanceof WorkPhase.Open open) || open.onTable();
    return new WorkPhase.Open(named(theirs, whose), onTable, carrierOff, theirs.time());
  }

  private static Sentence named(WorkPhase theirs, Chosen whose) {
    return Sentence.of("story.turn.of", theirs.name(), Precedence.name(whose));
  }
}
