package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.RefusedActException;
import velvetkettle.core.work.TableAct;

/** Plans with one act spoilt: left out, done before the one before it, or done otherwise. */
final class Mutants {
  /** What was done to a plan, and whether that does harm. */
  record Mutant(String kind, boolean harms, Plan plan) {}

  private record Place(int move, int act) {}

  private final JobRequest job;
  private final Plan plan;
  private final Random random;
  private final List<List<Act>> moves;
  private final List<Place> places = new ArrayList<>();

  private Mutants(JobRequest job, Plan plan, Random random) {
    this.job = job;
    this.plan = plan;
    this.random = random;
    moves = moves(plan);
    for (int m = 0; m < moves.size(); m++) {
      for (int a = 0; a < moves.get(m).size(); a++) {
        places.add(new Place(m, a));
      }
    }
  }

  /** At the table, then at the press. */
  private static List<List<Act>> moves(Plan plan) {
    return Stream.concat(
            plan.table().stream().map(TableStep::acts), plan.steps().stream().map(Step::acts))
        .toList();
  }

  static Mutant of(JobRequest job, Plan plan, Random random) {
    return new Mutants(job, plan, random).any();
  }

  private Mutant any() {
    int n = random.nextInt(places.size());
    Act act = at(n);
    String name = act.getClass().getSimpleName();
    List<List<Act>> acts = new ArrayList<>();
    moves.forEach(move -> acts.add(new ArrayList<>(move)));
    Place place = places.get(n);
    switch (random.nextInt(3)) {
      case 0 -> {
        acts.get(place.move()).remove(place.act());
        return mutant("without " + name, acts);
      }
      case 1 -> {
        if (n > 0) {
          Place before = places.get(n - 1);
          Act other = at(n - 1);
          acts.get(before.move()).set(before.act(), act);
          acts.get(place.move()).set(place.act(), other);
          return mutant(name + " before " + other.getClass().getSimpleName(), acts);
        }
        acts.get(place.move()).remove(place.act());
        return mutant("without " + name, acts);
      }
      default -> {
        acts.get(place.move()).set(place.act(), otherwise(act));
        return mutant("another " + name, acts);
      }
    }
  }

  private Act at(int n) {
    return moves.get(places.get(n).move()).get(places.get(n).act());
  }

  private Mutant mutant(String kind, List<List<Act>> acts) {
    int atTheTable = plan.table().size();
    List<TableStep> table = new ArrayList<>();
    for (int n = 0; n < atTheTable; n++) {
      TableStep step = plan.table().get(n);
      table.add(new TableStep(step.decoration(), step.instruction(), acts.get(n)));
    }
    List<Step> steps = new ArrayList<>();
    for (int n = atTheTable; n < acts.size(); n++) {
      Step step = plan.steps().get(n - atTheTable);
      steps.add(
          new Step(
              step.number(),
              step.kind(),
              step.decoration(),
              step.instruction(),
              step.where(),
              step.setting(),
              step.timed(),
              step.peel(),
              step.stack(),
              step.press(),
              step.cautions(),
              step.after(),
              step.meanwhile(),
              step.why(),
              step.handsOn(),
              step.round(),
              acts.get(n)));
    }
    Plan other =
        new Plan(
            plan.schema(),
            plan.rules(),
            plan.decorations(),
            table,
            steps,
            plan.cautions(),
            plan.care(),
            plan.resting(),
            plan.effort(),
            plan.together());
    return new Mutant(kind, !story(plan).equals(story(other)), other);
  }

  /**
   * What comes of acts: each closing over its Stack at its setting, in its order among what cannot
   * be undone, and the bench in the end. Two orders of the same story do each other no harm.
   */
  private List<Object> story(Plan told) {
    List<Press> presses =
        Stream.concat(job.shop().drawer().stream(), Stream.of(job.press())).distinct().toList();
    Bench bench = Bench.with(job.garment(), presses);
    List<Object> story = new ArrayList<>();
    Map<String, List<Act>> byHand = new TreeMap<>();
    try {
      List<Act> table = told.table().stream().flatMap(step -> step.acts().stream()).toList();
      bench = bench.after(table).nextDay();
      story.add(Set.copyOf(table));
    } catch (RefusedActException e) {
      story.add("refused at the table");
      return story;
    }
    for (Act act : told.steps().stream().flatMap(step -> step.acts().stream()).toList()) {
      try {
        bench = bench.after(act);
      } catch (RefusedActException e) {
        story.add("refused");
        return story;
      }
      if (act instanceof Act.Close close) {
        Stack stack = bench.stack(close);
        story.add(List.of(close, stack, bench.tool(), bench.pose(), bench.lying()));
      } else if (act instanceof Act.Pin || act instanceof Act.Fasten) {
        byHand.computeIfAbsent(act.thing(), none -> new ArrayList<>()).add(act);
      } else if (!isOnTheBench(act)) {
        story.add(act);
      }
    }
    story.add(byHand);
    story.add(bench.pose());
    story.add(bench.lying());
    story.add(bench.fillings());
    story.add(bench.cover());
    story.add(Map.copyOf(bench.tools()));
    story.add(bench.closed() == null);
    return story;
  }

  /** What the bench tells of by itself. */
  private static boolean isOnTheBench(Act act) {
    return act instanceof Act.OfTool
        || act instanceof Act.Insert
        || act instanceof Act.TakeOut
        || act instanceof Act.Cover
        || act instanceof Act.Uncover
        || act instanceof Act.Open
        || act instanceof Act.LayOn
        || act instanceof TableAct
        || act instanceof Act.LayFlat
        || act instanceof Act.DrawOver
        || act instanceof Act.OpenUp
        || act instanceof Act.DoUp
        || act instanceof Act.LayAside
        || act instanceof Act.TurnInsideOut
        || act instanceof Act.HangOff
        || act instanceof Act.Shield
        || act instanceof Act.Unshield
        || act instanceof Act.PaperOff
        || act instanceof Act.TryFirst
        || act instanceof Act.PreWash
        || act instanceof Act.LintRoll
        || act instanceof Act.Smooth
        || act instanceof Act.EmptyPocket;
  }

  private Act otherwise(Act act) {
    if (act instanceof Act.SetTemperature hot) {
      Celsius dial = Celsius.of(hot.dial().degrees() + 15);
      return new Act.SetTemperature(hot.tool(), dial, Celsius.of(hot.platen().degrees() + 15));
    }
    if (act instanceof Act.SetPressure firm) {
      return new Act.SetPressure(
          firm.tool(), firm.pressure() == Pressure.FIRM ? Pressure.LIGHT : Pressure.FIRM);
    }
    if (act instanceof Act.LayFlat flat) {
      return new Act.LayFlat(flat.tool(), flat.up().other());
    }
    if (act instanceof Act.DrawOver over) {
      return new Act.DrawOver(over.tool(), over.up().other());
    }
    if (act instanceof Act.TurnInsideOut turn) {
      return new Act.TurnInsideOut(turn.tool(), turn.worked().other());
    }
    if (act instanceof Act.Insert insert) {
      return new Act.Insert(other(insert.what()), insert.gap(), insert.where());
    }
    if (act instanceof Act.TakeOut out) {
      return new Act.TakeOut(other(out.what()), out.gap());
    }
    if (act instanceof Act.Cover cover) {
      return new Act.Cover(cover.sheet() == CoverSheet.PTFE ? CoverSheet.COTTON : CoverSheet.PTFE);
    }
    if (act instanceof Act.LayOn laid) {
      return random.nextBoolean()
          ? new Act.LayOn(
              laid.thing(),
              laid.face(),
              laid.where().moved(60, 0),
              laid.layers(),
              laid.colour(),
              laid.of(),
              laid.inside())
          : new Act.LayOn(
              laid.thing(),
              laid.face().other(),
              laid.where(),
              laid.layers(),
              laid.colour(),
              laid.of(),
              laid.inside());
    }
    if (act instanceof Act.Close close) {
      return random.nextBoolean()
          ? closed(close, close.where().moved(90, 40), close.time())
          : closed(close, close.where(), Seconds.of(close.time().count() * 2));
    }
    if (act instanceof Act.PeelOff peel) {
      return new Act.PeelOff(
          peel.thing(),
          peel.when() == Peel.COLD ? Peel.HOT : Peel.COLD,
          peel.when() == Peel.COLD ? null : Seconds.of(60),
          peel.left());
    }
    if (act instanceof Act.Shield shield) {
      return new Act.Shield(other(shield.thing()), shield.sheet());
    }
    if (act instanceof Act.Pin pin) {
      return new Act.Pin(other(pin.thing()));
    }
    if (act instanceof TableAct.CutOut cut) {
      return new TableAct.CutOut(
          cut.thing(), cut.up() == CutFace.GLUE_UP ? CutFace.FACE_UP : CutFace.GLUE_UP);
    }
    if (act instanceof TableAct.PressOn print) {
      Celsius cooler = Celsius.of(print.platen().degrees() - 30);
      return new TableAct.PressOn(print.thing(), print.tool(), cooler, print.time());
    }
    if (act instanceof Act.ThrowAway used) {
      return new Act.ThrowAway(
          used.sheet() == CoverSheet.COTTON ? CoverSheet.KRAFT : CoverSheet.COTTON);
    }
    if (act instanceof Act.Fasten fasten) {
      return new Act.Fasten(other(fasten.thing()));
    }
    return act;
  }

  private static Act.Close closed(Act.Close close, Area where, Seconds time) {
    return new Act.Close(
        close.tool(),
        close.purpose(),
        close.thing(),
        close.position(),
        close.of(),
        where,
        time,
        close.moved());
  }

  private String other(String thing) {
    return job.decorations().stream()
        .map(one -> one.id())
        .filter(id -> !Objects.equals(id, thing))
        .findFirst()
        .orElse("nobody's");
  }

  private static Filling other(Filling what) {
    return what == Filling.PARCHMENT ? Filling.KRAFT : Filling.PARCHMENT;
  }
}
