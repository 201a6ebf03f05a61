package velvetkettle.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.HeatReading;
import velvetkettle.core.heat.Judgement;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.rule.Finding;
import velvetkettle.core.plan.rule.Rule;
import velvetkettle.core.plan.rule.Rules;
import velvetkettle.core.plan.rule.Weighing;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Weighs every medium for every decoration of a garment, ranks what will do, and writes the order
 * of work.
 *
 * <ol>
 *   <li>Settle the best recipe for each medium; judge its margins and the rules.
 *   <li>A "no" or a veto rules it out, with what would lift it; the rest are ranked.
 *   <li>What the maker took, or else the first, or else the no-heat way, is put together: the order
 *       in which nothing undoes what lies there already.
 *   <li>The operations run over the garment's state and become the steps.
 * </ol>
 */
public final class Planner {
  /** Three weeks of work; an order that takes longer is not told apart, s. */
  private static final double LONGEST_ORDER = 2_000_000;

  private final HeatModel heat;
  private final List<Rule> rules;

  public Planner(HeatModel heat) {
    this(heat, Rules.all());
  }

  /** With fewer rules than there are, to see what each is for. */
  Planner(HeatModel heat, List<Rule> rules) {
    this.heat = heat;
    this.rules = rules;
  }

  /** Throws {@link RuledOutException} where the maker took a medium that cannot do. */
  public Plan plan(JobRequest job) {
    List<DecorationPlan> weighed = job.decorations().stream().map(d -> weigh(job, d)).toList();
    Combination together = Combination.best(job, heat, weighed);
    List<DecorationPlan> decorations = together.decorations();
    Clash clash = together.together().clash().orElse(null);
    List<Operation> operations = clash == null ? together.operations() : List.of();
    return new Plan(
        Plan.SCHEMA,
        Plan.RULES,
        decorations,
        StepWriter.write(operations, job),
        Cautions.ofJob(job, decorations),
        CareCard.of(job.garment(), decorations),
        longest(decorations, true),
        longest(decorations, false),
        order(decorations),
        together.together().told(),
        clash,
        Alternatives.of(together, heat),
        Totals.of(operations),
        together.placed());
  }

  private DecorationPlan weigh(JobRequest job, Decoration decoration) {
    // Heat is what takes time, and no medium asks what another does.
    List<Weighed> weighed =
        SideBySide.each(MediaCatalogue.pressed(), medium -> weigh(job, decoration, medium));
    List<Option> ranked = Ranking.rank(only(Option.class, weighed));
    List<RuledOut> ruledOut = only(RuledOut.class, weighed);
    String medium = decoration.medium();
    boolean taken = medium != null;
    if (medium == null) {
      medium = ranked.isEmpty() ? MediaCatalogue.NO_HEAT.key() : ranked.get(0).medium();
    } else {
      refuseRuledOut(medium, ruledOut);
    }
    return new DecorationPlan(
        decoration.id(),
        ranked,
        ruledOut,
        NoHeatWay.of(job.garment(), decoration.artwork()),
        medium,
        taken);
  }

  private static void refuseRuledOut(String medium, List<RuledOut> ruledOut) {
    if (!MediaCatalogue.knows(medium)) {
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

  private Weighed weigh(JobRequest job, Decoration decoration, PressMedium medium) {
    Press tool = job.shop().toolFor(medium, job.press()).orElse(job.press());
    List<Finding> findings =
        Rules.judge(
            rules,
            new Weighing(
                job.garment(),
                decoration.artwork(),
                medium,
                tool,
                job.pieces(),
                job.shop().schools()));
    Optional<RuledOut> veto = byRule(medium, findings);
    if (veto.isPresent()) {
      return veto.get();
    }
    Judged judged = judge(job, decoration, medium, tool);
    veto = byMargin(medium, judged.judgement().margins());
    return veto.isPresent() ? veto.get() : option(job, decoration, medium, judged, findings);
  }

  /** A recipe with what heat makes of it. */
  private record Judged(Recipe recipe, Stack stack, Press tool, Judgement judgement) {}

  private Judged judge(JobRequest job, Decoration decoration, PressMedium medium, Press tool) {
    RecipeWriter writer = RecipeWriter.of(job, decoration, medium, tool);
    Recipe recipe = writer.write(heat);
    Placing placing = job.placing(decoration, tool);
    boolean raised = placing.insert() != null;
    Stack stack = stack(new Ground(job.garment(), tool, raised), medium, recipe.cover().value());
    OrderOfWork.Pressed pressed = new OrderOfWork.Pressed(medium, recipe, stack, tool);
    Pressing pressing = Pressings.of(job, decoration, writer, pressed);
    if (medium.side() == Side.BACK && !writer.bySheet()) {
      recipe = throughCloth(recipe, pressing);
      pressed = new OrderOfWork.Pressed(medium, recipe, stack, tool);
      pressing = Pressings.of(job, decoration, writer, pressed);
    }
    Judgement judgement = heat.judge(pressing);
    HeatReading reading = judgement.heat();
    if (reading == null) {
      return new Judged(recipe, stack, tool, judgement);
    }
    PeelWait wait = PeelWait.of(recipe, reading);
    List<Evidence> ofTime = HeatEvidence.of(recipe.time().value(), reading);
    Recipe heated = recipe.heated(ofTime, wait.time(), wait.why());
    return new Judged(heated, reading.stack(), tool, judgement);
  }

  /** A press from the back goes on until the heat is through, where that takes longer. */
  private Recipe throughCloth(Recipe recipe, Pressing pressing) {
    return heat.throughCloth(pressing)
        .filter(time -> time.compareTo(recipe.time().value()) > 0)
        .map(recipe::longer)
        .orElse(recipe);
  }

  private static Option option(
      JobRequest job,
      Decoration decoration,
      PressMedium medium,
      Judged judged,
      List<Finding> findings) {
    return new Option(
        medium.key(),
        medium.term(),
        judged.recipe(),
        judged.judgement().margins(),
        List.of(),
        findings.stream().map(Finding::reason).toList(),
        medium.preparation(job.work(decoration)),
        judged.stack(),
        judged.tool().name(),
        TestFirst.of(job.garment(), medium, job.experience()).orElse(null),
        Scores.of(job, decoration.artwork(), medium),
        order(medium, decoration, judged.recipe(), job.pieces()));
  }

  /**
   * What the cloth cannot take at all is told before what only this setting cannot do, and spares
   * the computation.
   */
  private static Optional<RuledOut> byRule(PressMedium medium, List<Finding> findings) {
    return findings.stream()
        .filter(Finding::veto)
        .map(f -> ruledOut(medium, f.question(), f.reason(), f.lift()))
        .findFirst();
  }

  private static Optional<RuledOut> byMargin(PressMedium medium, Margins margins) {
    return Stream.of(margins.bleed(), margins.mark(), margins.hold())
        .filter(margin -> margin.verdict() == Verdict.NO)
        .map((Margin m) -> ruledOut(medium, m.question(), m.reason(), m.lift()))
        .findFirst();
  }

  private static RuledOut ruledOut(
      PressMedium medium, Question question, Sentence reason, @Nullable Sentence lift) {
    return new RuledOut(
        medium.key(),
        medium.term(),
        question,
        reason,
        lift == null ? Sentence.of("lift.nothing") : lift);
  }

  private static Stack stack(Ground ground, PressMedium medium, CoverSheet cover) {
    return medium.side() == Side.FACE
        ? StackBuilder.fromFace(ground, medium, cover)
        : StackBuilder.fromBack(ground, medium, cover);
  }

  private static Seconds order(
      PressMedium medium, Decoration decoration, Recipe recipe, int pieces) {
    Seconds piece =
        medium
            .handlingPerPiece(decoration.artwork())
            .plus(recipe.underPress())
            .plus(recipe.drying().value());
    return medium.settingUp().plus(Seconds.of(Math.min(LONGEST_ORDER, piece.count() * pieces)));
  }

  private static Seconds order(List<DecorationPlan> decorations) {
    double all =
        decorations.stream()
            .map(DecorationPlan::current)
            .mapToDouble(option -> option == null ? 0 : option.order().count())
            .sum();
    return Seconds.of(Math.min(LONGEST_ORDER, all));
  }

  private static Seconds longest(List<DecorationPlan> decorations, boolean wash) {
    return decorations.stream()
        .map(DecorationPlan::current)
        .map(
            o ->
                o == null
                    ? Seconds.of(0)
                    : wash ? o.recipe().firstWash().value() : o.recipe().keepBack().value())
        .max(Comparator.naturalOrder())
        .orElse(Seconds.of(0));
  }
}
