package velvetkettle.core.plan.together;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.PlacePhases;
import velvetkettle.core.plan.order.PressedPlaces;
import velvetkettle.core.plan.order.Pressings;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;

/**
 * What heat does at every place of a thing when all acts are carried out. Places that are pressed
 * alike are judged once, and what is pressed as if it were alone is judged already.
 */
final class HeatEverywhere {
  private final JobRequest job;
  private final HeatModel heat;
  private final List<Act> acts;
  private final List<Chosen> all;

  /**
   * @param all that is pressed, in its order
   */
  HeatEverywhere(JobRequest job, HeatModel heat, List<Act> acts, List<Chosen> all) {
    this.job = job;
    this.heat = heat;
    this.acts = acts;
    this.all = all;
  }

  /** A closing that the bond comes from. */
  private record Bonding(Stack stack, Celsius platen, Seconds time) {
    static List<Bonding> of(List<WorkPhase> phases) {
      List<Bonding> bonding = new ArrayList<>();
      for (WorkPhase phase : phases) {
        if (phase instanceof WorkPhase.Closed closed && closed.bonds()) {
          bonding.add(new Bonding(closed.stack(), closed.platen(), closed.time()));
        }
      }
      return bonding;
    }
  }

  /**
   * The margins of a thing at the worst of its places; what was told where they are as good.
   *
   * @param told of it, as if it were pressed in one place
   */
  Margins worst(Chosen thing, Margins told) {
    List<Area> places = PressedPlaces.of(thing, all);
    if (all.size() == 1 && places.size() == 1) {
      return told;
    }
    Pressing alone = Pressings.of(job, thing);
    Margins worst = told;
    for (List<WorkPhase> phases : unlike(alone.phases(), thing, places)) {
      Margins here = heat.judge(alone.over(phases)).margins();
      worst =
          new Margins(
              worse(worst.hold(), here.hold()),
              worse(worst.mark(), here.mark()),
              worse(worst.bleed(), here.bleed()));
    }
    return worst;
  }

  /**
   * What the places go through that are not pressed as alone. Of those over the same Stacks the one
   * that is pressed most harms most; the one that is pressed least holds least.
   */
  private List<List<WorkPhase>> unlike(List<WorkPhase> alone, Chosen thing, List<Area> places) {
    Map<Set<Bonding>, List<List<WorkPhase>>> alike = new LinkedHashMap<>();
    for (Area place : places) {
      List<WorkPhase> phases = PlacePhases.of(job.garment(), acts, all, thing, place).phases();
      if (phases.stream().anyMatch(HeatEverywhere::isMain)) {
        alike
            .computeIfAbsent(new HashSet<>(Bonding.of(phases)), none -> new ArrayList<>())
            .add(phases);
      }
    }
    List<Bonding> usual = Bonding.of(alone);
    Comparator<List<WorkPhase>> byClosings = Comparator.comparing(one -> Bonding.of(one).size());
    List<List<WorkPhase>> unlike = new ArrayList<>();
    alike.forEach(
        (stacks, some) -> {
          boolean asAlone = stacks.equals(new HashSet<>(usual));
          List<WorkPhase> least = some.stream().min(byClosings).orElseThrow();
          List<WorkPhase> most = some.stream().max(byClosings).orElseThrow();
          if (!asAlone) {
            unlike.add(least);
          }
          int judged = asAlone ? usual.size() : Bonding.of(least).size();
          if (Bonding.of(most).size() > judged) {
            unlike.add(most);
          }
        });
    return unlike;
  }

  private static boolean isMain(WorkPhase phase) {
    return phase instanceof WorkPhase.Closed closed && closed.role() == WorkPhase.Role.MAIN;
  }

  private static Margin worse(Margin one, Margin other) {
    return other.verdict().compareTo(one.verdict()) > 0 ? other : one;
  }
}
