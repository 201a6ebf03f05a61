package velvetkettle.core.practice;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.school.Schools;

/** One thing on one garment, by the only press of the practice room. */
final class Worked {
  /** Peeled at once. */
  private static final Seconds AT_ONCE = Seconds.of(3);

  /** Longer than this nobody leaves a piece on the pad. */
  private static final double ON_PAD = 5;

  private final Trials trials;
  private final JobRequest job;
  private final String decoration;
  private final String medium;
  private final Press press;
  private final Trials.SettledPress best;

  /**
   * @param work its job may be that of a ticket with several things: only the one is pressed
   */
  Worked(Trials trials, PressKind kind, Shift.Work work) {
    this.trials = trials;
    press = Press.usual("practice press", kind);
    decoration = work.decoration();
    medium = work.medium();
    JobRequest whole = work.job();
    Decoration one = whole.decoration(decoration);
    job =
        new JobRequest(
            whole.garment(),
            List.of(one.with(medium, null)),
            1,
            press,
            whole.workroom(),
            new Shop(List.of(), List.of(), Schools.OURS),
            Experience.NONE);
    best = trials.settled(job, decoration, medium);
    if (!pressMedium().atPress().by(kind) || !best.pressing().isComputed()) {
      throw new IllegalArgumentException(medium + " is not pressed with " + kind);
    }
  }

  Press press() {
    return press;
  }

  private Medium pressMedium() {
    return best.pressing().medium();
  }

  Recipe recipe() {
    return best.recipe();
  }

  /** What sheet, trade and heat would set. */
  Practised.BetterSetting better() {
    Recipe recipe = best.recipe();
    Seconds wait = recipe.peel().waiting() == null ? AT_ONCE : recipe.peel().waiting();
    return new Practised.BetterSetting(
        recipe.setting().dial().value(),
        new Settings(
            recipe.presses().drying().value(),
            recipe.layUp().cover().value(),
            recipe.setting().time().value(),
            recipe.setting().pressure().value(),
            Condition.peelTurn(best.pressing()) < 0 ? null : wait));
  }

  /** As a newcomer presses it. */
  Pressing pressing(Celsius dial, Settings settings) {
    OwnSetting own =
        OwnSetting.of(medium)
            .at(dial, settings.time())
            .dried(settings.drying())
            .under(settings.cover());
    JobRequest owned = job.withDecorations(List.of(job.decorations().get(0).with(medium, own)));
    Pressing pressing = trials.settled(owned, decoration, medium).pressing().withoutSheet();
    Pressure pressure = press.kind().pressedByHand() ? Pressure.HAND : settings.pressure();
    return peeled(pressing.under(closed -> closed.with(pressure)), settings.peelAfter());
  }

  private static Pressing peeled(Pressing pressing, @Nullable Seconds after) {
    int peel = Condition.peelTurn(pressing);
    if (peel < 0 || after == null) {
      return pressing;
    }
    List<WorkPhase> phases = new ArrayList<>(pressing.phases());
    boolean onTable = after.count() > ON_PAD;
    phases.set(peel, new WorkPhase.Open(phases.get(peel).name(), onTable, false, after));
    return pressing.over(phases);
  }
}
