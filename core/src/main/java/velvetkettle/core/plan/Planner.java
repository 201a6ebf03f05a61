package velvetkettle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.heat.window.WindowMaps;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.NoHeat;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.Advice;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.NoHeatWay;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.Ranking;
import velvetkettle.core.plan.option.RuledOut;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.core.plan.option.Scores;
import velvetkettle.core.plan.option.Standing;
import velvetkettle.core.plan.option.TwoLayers;
import velvetkettle.core.plan.option.Weighed;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.TestFirst;
import velvetkettle.core.plan.rule.Finding;
import velvetkettle.core.plan.rule.Rule;
import velvetkettle.core.plan.rule.Rules;
import velvetkettle.core.plan.rule.Weighing;
import velvetkettle.core.plan.together.Alternatives;
import velvetkettle.core.plan.together.Clash;
import velvetkettle.core.plan.together.Combination;
import velvetkettle.core.plan.together.JointPlan;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Weighs every medium for every decoration of a garment, ranks what will do, and writes the order
 * of work.
 *
 * <ol>
 *   <li>Settle the recipe for each medium, the most forgiving one for what was taken; judge its
 *       margins and the rules.
 *   <li>A "no" or a veto rules it out, with what would lift it; the rest are ranked.
 *   <li>What the maker took, or else the first, or else the no-heat way, is put together: the order
 *       in which nothing undoes what lies there already.
 *   <li>The acts of that order are carried out at a bench and told as steps.
 * </ol>
 */
public final class Planner {
  /** Three weeks of work; an order that takes longer is not told apart, s. */
  private static final double LONGEST_ORDER = 2_000_000;

  private final HeatModel heat;
  private final MediaCatalogue media;
  private final SettingSelection settling;
  private final List<Rule> rules;

  /** Weighs what the trade knows, and computes every window anew. */
  public Planner(HeatModel heat) {
    this(heat, WindowMap::of, MediaCatalogue.TRADE);
  }

  public Planner(HeatModel heat, WindowMaps maps, MediaCatalogue media) {
    this(heat, maps, media, Rules.all());
  }

  /** With fewer rules than there are, to see what each is for. */
  Planner(HeatModel heat, WindowMaps maps, List<Rule> rules) {
    this(heat, maps, MediaCatalogue.TRADE, rules);
  }

  private Planner(HeatModel heat, WindowMaps maps, MediaCatalogue media, List<Rule> rules) {
    this.heat = heat;
    this.media = media;
    settling = new SettingSelection(heat, maps);
    this.rules = rules;
  }

  /** Throws {@link RuledOutException} where the maker took a medium that cannot do. */
  public Plan plan(JobRequest job) {
    List<DecorationPlan> weighed = job.decorations().stream().map(d -> weigh(job, d)).toList();
    Combination together = Combination.best(job, media, heat, weighed);
    List<DecorationPlan> decorations = together.decorations();
    Clash clash = together.clash().orElse(null);
    List<TableStep> table = TableSteps.of(job, together.chosen());
    List<Step> steps =
        clash == null
            ? StepWriter.write(job, together.chosen(), table, together.acts())
            : List.of();
    return new Plan(
        Plan.SCHEMA,
        Plan.RULES,
        decorations,
        table,
        steps,
        Cautions.ofJob(job, media, decorations),
        CareCard.of(job, media, decorations),
        new Resting(longest(decorations, true), longest(decorations, false)),
        new Effort(order(job, media, decorations, steps), Totals.of(steps)),
        new JointPlan(
            clash == null ? together.sequence() : together.together().told(),
            clash,
            Alternatives.of(together),
            together.placed()));
  }

  private DecorationPlan weigh(JobRequest job, Decoration decoration) {
    // Heat is what takes time, and no medium asks what another does.
    List<Weighed> weighed =
        ParallelTasks.each(media.all(), medium -> weigh(job, decoration, medium));
    List<Option> ranked =
        Ranking.rank(
            only(Option.class, weighed),
            option -> job.experience().of(option.medium(), job.garment(decoration)).isPresent());
    List<RuledOut> ruledOut = only(RuledOut.class, weighed);
    List<TwoLayers> twoLayers =
        ranked.stream().allMatch(option -> fallsShort(job, decoration, option))
            ? twoLayers(job, decoration, ruledOut)
            : List.of();
    String medium = decoration.medium();
    boolean taken = medium != null;
    if (medium == null) {
      medium = ranked.isEmpty() ? NoHeat.KEY : ranked.get(0).medium();
    } else {
      refuseRuledOut(medium, ruledOut);
    }
    return new DecorationPlan(
        decoration.id(),
        ranked,
        twoLayers,
        ruledOut,
        NoHeatWay.of(job.garment(decoration), decoration.artwork()),
        medium,
        taken);
  }

  /** Whether it does not show the art as it is wanted. */
  private boolean fallsShort(JobRequest job, Decoration decoration, Option option) {
    Medium medium = media.get(option.medium());
    return Rules.judge(rules, Weighing.of(Candidate.of(job, decoration, medium))).stream()
        .anyMatch(finding -> finding.question() == Question.SHOW);
  }

  private List<TwoLayers> twoLayers(
      JobRequest job, Decoration decoration, List<RuledOut> ruledOut) {
    List<TwoLayers> ways =
        new OverABlocker(media, this::weigh)
            .of(job, decoration, ruledOut).stream()
                .filter(way -> !fallsShort(job, decoration, way.option()))
                .toList();
    List<Option> ranked =
        Ranking.rank(ways.stream().map(TwoLayers::option).toList(), option -> false);
    return ranked.stream()
        .map(option -> new TwoLayers(below(ways, option.medium()), option))
        .toList();
  }

  private static String below(List<TwoLayers> ways, String medium) {
    return ways.stream()
        .filter(way -> way.option().medium().equals(medium))
        .findFirst()
        .orElseThrow()
        .below();
  }

  private void refuseRuledOut(String medium, List<RuledOut> ruledOut) {
    if (!media.knows(medium)) {
      throw new IllegalArgumentException("unknown medium: " + medium);
    }
    Optional<RuledOut> veto =
        ruledOut.stream().filter(out -> out.medium().equals(medium)).findFirst();
    if (veto.isPresent()) {
      throw new RuledOutException(veto.get());
    }
  }

  private static <T extends Weighed> List<T> only(Class<T> kind, List<Weighed> weighed) {
    return weighed.stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  private Weighed weigh(JobRequest job, Decoration decoration, Medium medium) {
    Candidate candidate = Candidate.of(job, decoration, medium);
    List<Finding> findings = Rules.judge(rules, Weighing.of(candidate));
    Optional<RuledOut> veto = byRule(medium, findings);
    if (veto.isPresent()) {
      return veto.get();
    }
    SettingSelection.Settled settled =
        candidate.isTaken() ? settling.mostForgiving(candidate) : settling.fair(candidate);
    veto = byMargin(candidate, settled.judgement().margins());
    return veto.isPresent() ? veto.get() : option(candidate, settled, findings);
  }

  private static Option option(
      Candidate candidate, SettingSelection.Settled settled, List<Finding> findings) {
    JobRequest job = candidate.job();
    Medium medium = candidate.medium();
    return new Option(
        medium.key(),
        medium.term(),
        settled.recipe(),
        settled.judgement().margins(),
        new Standing(List.of(), Scores.of(candidate), order(candidate, settled.recipe())),
        new Advice(
            findings.stream().map(Finding::reason).toList(),
            TestFirst.of(candidate.garment(), medium, job.experience()).orElse(null)),
        settled.stack(),
        candidate.tool().name());
  }

  /**
   * What the cloth cannot take at all is told before what only this setting cannot do, and spares
   * the computation.
   */
  private static Optional<RuledOut> byRule(Medium medium, List<Finding> findings) {
    return findings.stream()
        .filter(Finding::veto)
        .map(f -> ruledOut(medium, f.question(), f.reason(), f.lift(), false))
        .findFirst();
  }

  private static Optional<RuledOut> byMargin(Candidate candidate, Margins margins) {
    Medium medium = candidate.medium();
    return Stream.of(margins.bleed(), margins.mark(), margins.hold())
        .filter(margin -> margin.verdict() == Verdict.NO)
        .map(m -> ruledOut(medium, m.question(), m.reason(), m.lift(), m.computed()))
        .findFirst();
  }

  private static RuledOut ruledOut(
      Medium medium,
      Question question,
      Sentence reason,
      @Nullable Sentence lift,
      boolean bySetting) {
    return new RuledOut(
        medium.key(),
        medium.term(),
        question,
        reason,
        lift == null ? Sentence.of("lift.nothing") : lift,
        bySetting);
  }

  private static Seconds order(Candidate candidate, Recipe recipe) {
    Handwork work = candidate.medium().handling().work();
    Seconds piece =
        work.perPiece(candidate.decoration().artwork())
            .plus(recipe.underPress())
            .plus(recipe.presses().drying().value());
    double all = piece.count() * candidate.job().pieces();
    return work.settingUp().plus(Seconds.of(Math.min(LONGEST_ORDER, all)));
  }

  /** What hands make ready, what the tools take to get hot, and all pieces under them. */
  private static Seconds order(
      JobRequest job, MediaCatalogue media, List<DecorationPlan> decorations, List<Step> steps) {
    double all = 0;
    for (DecorationPlan plan : decorations) {
      Option option = plan.current();
      if (option != null) {
        Handwork work = media.get(option.medium()).handling().work();
        Artwork art = job.decoration(plan.decoration()).artwork();
        all += work.settingUp().count() + work.perPiece(art).count() * job.pieces();
      }
    }
    for (Step step : steps) {
      Seconds timed = step.timed();
      double time = timed == null ? 0 : timed.count();
      if (step.once()) {
        all += time;
      } else if (step.setting() != null) {
        all += time * job.pieces();
      }
    }
    return Seconds.of(Math.min(LONGEST_ORDER, Math.round(all)));
  }

  private static Seconds longest(List<DecorationPlan> decorations, boolean wash) {
    return decorations.stream()
        .map(DecorationPlan::current)
        .map(
            o ->
                o == null
                    ? Seconds.of(0)
                    : wash
                        ? o.recipe().waits().firstWash().value()
                        : o.recipe().waits().keepBack().value())
        .max(Comparator.naturalOrder())
        .orElse(Seconds.of(0));
  }
}
