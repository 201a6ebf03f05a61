package velvetkettle.core.plan;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.HeatReading;
import velvetkettle.core.heat.Judgement;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.window.MostForgiving;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.heat.window.WindowMaps;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.order.Pressings;
import velvetkettle.core.plan.recipe.Evidence;
import velvetkettle.core.plan.recipe.HeatEvidence;
import velvetkettle.core.plan.recipe.LayUpActs;
import velvetkettle.core.plan.recipe.PeelWait;
import velvetkettle.core.plan.recipe.PlatenWriter;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.RecipeWriter;
import velvetkettle.core.plan.recipe.Recommended;
import velvetkettle.core.plan.recipe.Source;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.quantity.Sentence;

/**
 * Settles the recipe of one medium for one decoration, and hears what heat says of it.
 *
 * <ol>
 *   <li>Sheet and trade say what is usual; what the maker settled himself comes before them.
 *   <li>For the medium that was taken, and for one whose usual setting does not hold, the whole
 *       window is computed, and the recipe is the setting in it that forgives most.
 * </ol>
 */
public final class SettingSelection {
  private final HeatModel heat;
  private final WindowMaps maps;

  public SettingSelection(HeatModel heat, WindowMaps maps) {
    this.heat = heat;
    this.maps = maps;
  }

  /**
   * A recipe with what heat makes of it.
   *
   * @param pressing as heat saw it
   */
  public record Settled(Recipe recipe, Stack stack, Pressing pressing, Judgement judgement) {}

  /** At what is usual, or at what the maker settled. */
  public Settled usual(Candidate candidate) {
    RecipeWriter writer = new RecipeWriter(candidate);
    return judged(candidate, writer, drafted(candidate, writer));
  }

  /**
   * The same without hearing heat, where what heat says of it does not change how it is pressed.
   */
  public Pressing pressing(Candidate candidate) {
    RecipeWriter writer = new RecipeWriter(candidate);
    Pressing drafted = drafted(candidate, writer).pressing;
    return bondsAfterPeel(drafted) ? usual(candidate).pressing : drafted;
  }

  /** At the setting that forgives most, where the maker left it to heat and heat speaks of it. */
  public Settled mostForgiving(Candidate candidate) {
    Settled usual = usual(candidate);
    OwnSetting own = candidate.own();
    if (own.dial() != null || own.time() != null || !usual.pressing.isComputed()) {
      return usual;
    }
    MostForgiving.Point point = best(usual.pressing);
    boolean same =
        point.platen().equals(usual.recipe.setting().platen())
            && point.time().equals(usual.recipe.setting().time().value());
    if (same) {
      return usual;
    }
    RecipeWriter writer = new RecipeWriter(candidate);
    Settled moved = judged(candidate, writer, moved(candidate, writer, usual, point));
    // The map is coarser than the judgement: what is usual and will do stays.
    boolean worse = moved.judgement.margins().ruleOut() && !usual.judgement.margins().ruleOut();
    return worse ? usual : moved;
  }

  /**
   * At what is usual; where that alone does not hold and the hottest and longest of its window
   * does, at the setting that forgives most: nothing is ruled out that its own window would save.
   */
  public Settled fair(Candidate candidate) {
    Settled usual = usual(candidate);
    Margin hold = usual.judgement.margins().hold();
    return hold.verdict() == Verdict.NO && hold.computed() && holdsAtMost(usual.pressing)
        ? mostForgiving(candidate)
        : usual;
  }

  private boolean holdsAtMost(Pressing pressing) {
    List<Celsius> platens = platens(pressing);
    List<Seconds> times = times(pressing);
    Pressing most = pressing.at(platens.get(platens.size() - 1), times.get(times.size() - 1));
    return heat.judge(most).margins().hold().verdict() != Verdict.NO;
  }

  /** The best setting of a pressing's window; the pressing's own where that is as good. */
  public MostForgiving.Point best(Pressing pressing) {
    WindowMap map = maps.of(pressing);
    MostForgiving.Point usual = new MostForgiving.Point(pressing.platen(), pressing.time());
    return MostForgiving.of(map, platens(pressing), times(pressing), usual).orElse(usual);
  }

  /** What the press can be set to within the window: whole degrees of its display, or dots. */
  static List<Celsius> platens(Pressing pressing) {
    if (!pressing.press().kind().setInDegrees()) {
      return List.of(pressing.platen());
    }
    CelsiusRange range = pressing.allowed().temperature();
    Kelvin readsHigh = pressing.press().calibration().readsHigh();
    int low = (int) Math.ceil(range.low().plus(readsHigh).degrees());
    int high = (int) Math.floor(range.high().plus(readsHigh).degrees());
    return IntStream.rangeClosed(low, Math.max(low, high))
        .mapToObj(dial -> Celsius.of(dial).minus(readsHigh))
        .toList();
  }

  /** Whole seconds within the window; what is usual may lie beyond it, through thick cloth. */
  static List<Seconds> times(Pressing pressing) {
    SecondsRange range = pressing.allowed().time();
    double usual = pressing.time().count();
    int low = (int) Math.ceil(Math.min(range.low().count(), usual));
    int high = (int) Math.floor(Math.max(range.high().count(), usual));
    return IntStream.rangeClosed(low, Math.max(low, high)).mapToObj(Seconds::of).toList();
  }

  private record Draft(Recipe recipe, Stack stack, Pressing pressing) {}

  private Draft drafted(Candidate candidate, RecipeWriter writer) {
    Recipe recipe = writer.write(heat);
    Stack stack = stack(candidate, recipe.layUp().cover().value());
    Draft draft = draft(candidate, writer, recipe, stack);
    boolean throughCloth =
        candidate.medium().pressedFromBack() && !writer.bySheet() && candidate.own().time() == null;
    return throughCloth
        ? draft(candidate, writer, throughCloth(recipe, draft.pressing), stack)
        : draft;
  }

  private Draft moved(
      Candidate candidate, RecipeWriter writer, Settled usual, MostForgiving.Point point) {
    Recipe before = writer.write(heat);
    Evidence why =
        new Evidence(
            Source.MODEL,
            Sentence.of(
                "why.forgives-most",
                usual.recipe.setting().dial().value(),
                usual.recipe.setting().time().value()));
    Celsius dial = PlatenWriter.shown(point.platen(), candidate.tool());
    Recipe recipe =
        writer.write(
            heat,
            new PlatenWriter.Settled(
                point.platen(),
                new Recommended<>(dial, before.setting().dial().why()).and(List.of(why))),
            new Recommended<>(point.time(), before.setting().time().why()).and(List.of(why)));
    Stack stack = stack(candidate, recipe.layUp().cover().value());
    return draft(candidate, writer, recipe, stack);
  }

  private static Draft draft(Candidate candidate, RecipeWriter writer, Recipe recipe, Stack stack) {
    return new Draft(recipe, stack, Pressings.of(candidate, writer, recipe, stack));
  }

  private Settled judged(Candidate candidate, RecipeWriter writer, Draft draft) {
    Judgement judgement = heat.judge(draft.pressing);
    HeatReading reading = judgement.heat();
    if (reading == null) {
      return new Settled(draft.recipe, draft.stack, draft.pressing, judgement);
    }
    PeelWait wait = PeelWait.of(draft.recipe, reading);
    List<Evidence> ofTime =
        HeatEvidence.of(
            draft.recipe.setting().time().value(), reading, draft.pressing.workplace().under());
    Recipe heated = draft.recipe.heated(ofTime, wait.time(), wait.why());
    if (bondsAfterPeel(draft.pressing)
        && !Objects.equals(wait.time(), draft.recipe.peel().waiting())) {
      // A piece that has waited longer is colder when it is pressed again.
      Draft waited = draft(candidate, writer, heated, draft.stack);
      return new Settled(heated, reading.stack(), waited.pressing, heat.judge(waited.pressing));
    }
    return new Settled(heated, reading.stack(), draft.pressing, judgement);
  }

  private static boolean bondsAfterPeel(Pressing pressing) {
    return pressing.untilBonded().size() > pressing.untilPressed().size();
  }

  /** A press from the back goes on until the heat is through, where that takes longer. */
  private Recipe throughCloth(Recipe recipe, Pressing pressing) {
    return heat.throughCloth(pressing)
        .filter(time -> time.compareTo(recipe.setting().time().value()) > 0)
        .map(recipe::longer)
        .orElse(recipe);
  }

  private static Stack stack(Candidate candidate, CoverSheet cover) {
    return LayUpActs.main(candidate.ground(), candidate.medium(), cover);
  }
}
