package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.hands.ArbitraryJobs;
import velvetkettle.core.hands.LiteralMaker;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.work.Act;

/** Plans carried out to the letter by somebody who knows nothing of how they were written. */
class CarriedOutTest {
  private static final int JOBS = Integer.getInteger("carry.jobs", 300);
  private static final int HEATED = Integer.getInteger("carry.heated", 40);
  private static final int FROM = Integer.getInteger("carry.from", 0);

  /** From so many jobs on chance says little any more. */
  private static final int MANY = 10_000;

  private static final int SPOILT = Integer.getInteger("carry.spoilt", 500);

  private final Map<String, Integer> acts = new TreeMap<>();
  private final Map<String, Integer> found = new HashMap<>();

  @Test
  @DisplayName("arbitrary jobs: a literal maker carries every plan out and finds nothing amiss")
  void everyPlan() {
    everyPlan(QuickHeat.planner(), FROM, JOBS);
  }

  @Test
  @DisplayName("the same where heat is computed: nothing lets go, marks or bleeds either")
  void everyPlanInTheHeat() {
    everyPlan(Jobs.planner(), FROM + JOBS, HEATED);
  }

  private void everyPlan(Planner planner, int from, int jobs) {
    int planned = 0;
    List<String> breaches = new ArrayList<>();
    for (int seed = from; seed < from + jobs; seed++) {
      JobRequest job = ArbitraryJobs.of(seed);
      Plan plan;
      try {
        plan = varied(planner, job, new Random(seed));
      } catch (RuntimeException e) {
        breaches.add("job " + seed + ", " + e);
        continue;
      }
      if (plan.steps().isEmpty()) {
        String why = String.valueOf(plan.together().clash().reason().key());
        found.merge("no plan: " + why, 1, Integer::sum);
        continue;
      }
      planned++;
      Stream.concat(
              plan.table().stream().map(TableStep::acts), plan.steps().stream().map(Step::acts))
          .flatMap(List::stream)
          .forEach(act -> acts.merge(act.getClass().getSimpleName(), 1, Integer::sum));
      for (String breach : LiteralMaker.breaches(job, MediaCatalogue.TRADE, plan)) {
        breaches.add("job " + seed + ", " + breach);
        found.merge(breach.replaceAll("[0-9.]+", "#"), 1, Integer::sum);
      }
    }
    tell("planned " + planned + " of " + jobs + ", acts " + acts);
    found.entrySet().stream()
        .sorted((one, other) -> other.getValue() - one.getValue())
        .limit(40)
        .forEach(each -> tell(each.getValue() + " x " + each.getKey()));
    assertThat(breaches).isEmpty();
    assertThat(planned).isGreaterThanOrEqualTo(jobs * 85 / 100);
    if (jobs >= MANY) {
      assertThat(planned).isGreaterThanOrEqualTo(jobs * 90 / 100);
      assertThat(kinds(Act.class))
          .as("acts that hardly occur, of %s", acts)
          .allSatisfy(
              kind -> assertThat(acts.getOrDefault(kind, 0)).as(kind).isGreaterThanOrEqualTo(50));
    }
  }

  private static List<String> kinds(Class<?> family) {
    return family.isSealed()
        ? Stream.of(family.getPermittedSubclasses()).flatMap(one -> kinds(one).stream()).toList()
        : List.of(family.getSimpleName());
  }

  @Test
  @DisplayName("plans with one act spoilt: of those that do harm nearly all are seen")
  void seesSpoiltPlans() {
    Random random = new Random(17);
    Planner planner = QuickHeat.planner();
    Map<String, int[]> byKind = new TreeMap<>();
    int harmful = 0;
    int seen = 0;
    for (int seed = FROM, made = 0; made < SPOILT; seed++) {
      JobRequest job = ArbitraryJobs.of(seed);
      Plan plan = planner.plan(job);
      if (plan.steps().isEmpty()) {
        continue;
      }
      for (int n = 0; n < 25 && made < SPOILT; n++, made++) {
        Mutants.Mutant mutant = Mutants.of(job, plan, random);
        if (mutant.harms()) {
          harmful++;
          boolean caught =
              !LiteralMaker.breaches(job, MediaCatalogue.TRADE, mutant.plan()).isEmpty();
          seen += caught ? 1 : 0;
          byKind.computeIfAbsent(mutant.kind(), kind -> new int[2])[caught ? 0 : 1]++;
        }
      }
    }
    byKind.values().removeIf(counts -> counts[1] == 0);
    String unseen =
        byKind.entrySet().stream()
            .map(
                e ->
                    e.getKey()
                        + " "
                        + e.getValue()[1]
                        + " of "
                        + (e.getValue()[0] + e.getValue()[1]))
            .toList()
            .toString();
    tell("spoilt " + SPOILT + ", harmful " + harmful + ", seen " + seen + "; not: " + unseen);
    assertThat(seen).as("not seen: %s", unseen).isGreaterThanOrEqualTo(harmful * 95 / 100);
    assertThat(harmful).isGreaterThan(SPOILT / 2);
  }

  /** Only where a benchmark asks for it. */
  private static void tell(String line) {
    if (Boolean.getBoolean("carry.tell")) {
      System.out.println("carry: " + line);
    }
  }

  /** The best plan, or one with any of the media that would do. */
  private static Plan varied(Planner planner, JobRequest job, Random random) {
    Plan best = planner.plan(job);
    JobRequest other =
        job.withMedia(
            thing -> {
              DecorationPlan plan =
                  best.decorations().stream()
                      .filter(one -> one.decoration().equals(thing.id()))
                      .findFirst()
                      .orElseThrow();
              List<Option> options = plan.options();
              return options.isEmpty()
                  ? null
                  : options.get(random.nextInt(options.size())).medium();
            });
    Plan plan = planner.plan(other);
    return plan.steps().isEmpty() ? best : plan;
  }
}
