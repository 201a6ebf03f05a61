package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.RuledOut;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;
import velvetkettle.core.shelf.Material;

/**
 * What is different for a job since it was planned: the press was measured again, the material is
 * used up or has another sheet, the shop works another way, and what that does to the recipe.
 */
public final class ChangesSincePlan {
  private final JobRequest then;
  private final JobRequest now;
  private final List<Sentence> told = new ArrayList<>();

  private ChangesSincePlan(JobRequest then, JobRequest now) {
    this.then = then;
    this.now = now;
  }

  /**
   * @param made the plan of then
   * @param planned the same job planned now; null where what was taken is ruled out now
   * @param ruledOut why; null where it is not
   */
  public static List<Sentence> of(
      JobRequest then,
      Plan made,
      JobRequest now,
      @Nullable Plan planned,
      @Nullable RuledOut ruledOut) {
    ChangesSincePlan since = new ChangesSincePlan(then, now);
    since.press();
    since.schools();
    for (int i = 0; i < then.decorations().size() && i < now.decorations().size(); i++) {
      since.material(then.decorations().get(i).material(), now.decorations().get(i).material());
    }
    if (ruledOut != null) {
      since.say("since.ruled-out", ruledOut.name(), ruledOut.reason());
    }
    if (planned != null) {
      since.recipes(made, planned);
    }
    return since.told;
  }

  private void press() {
    Press before = then.press();
    Press after = now.press();
    if (!before.is(after)) {
      say("since.other-press", after.name(), before.name());
    } else if (!before.calibration().equals(after.calibration())) {
      say("since.measured", after.name());
    } else if (!before.known(after.id()).equals(after)) {
      say("since.press-changed", after.name());
    }
  }

  private void schools() {
    for (Dispute dispute : Dispute.values()) {
      School before = then.shop().schools().on(dispute);
      School after = now.shop().schools().on(dispute);
      if (before != after) {
        say("since.school", dispute, after);
      }
    }
  }

  private void material(@Nullable Material before, @Nullable Material after) {
    if (after == null) {
      return;
    }
    if (!after.isAtHand()) {
      say("since.material-gone", after.name());
    }
    if (before != null && !before.sheet().equals(after.sheet())) {
      say("since.sheet", after.name());
    }
  }

  private void recipes(Plan made, Plan planned) {
    for (DecorationPlan before : made.decorations()) {
      Option old = before.current();
      Option fresh =
          planned.decorations().stream()
              .filter(plan -> plan.decoration().equals(before.decoration()))
              .flatMap(plan -> Optional.ofNullable(plan.current()).stream())
              .findFirst()
              .orElse(null);
      if (old != null && fresh != null && old.medium().equals(fresh.medium())) {
        recipe(old.recipe(), fresh.recipe());
      }
    }
  }

  private void recipe(Recipe old, Recipe fresh) {
    differs("since.dial", old.setting().dial().value(), fresh.setting().dial().value());
    differs("since.time", old.setting().time().value(), fresh.setting().time().value());
    differs("since.pressure", old.setting().pressure().value(), fresh.setting().pressure().value());
    differs("since.peel", old.peel().when().value(), fresh.peel().when().value());
    differs("since.cover", old.layUp().cover().value(), fresh.layUp().cover().value());
    if (old.presses().after().size() != fresh.presses().after().size()
        || old.presses().before().size() != fresh.presses().before().size()) {
      say("since.presses", fresh.presses().before().size() + fresh.presses().after().size() + 1);
    }
  }

  private void differs(String key, Object old, Object fresh) {
    if (!old.equals(fresh)) {
      say(key, old, fresh);
    }
  }

  private void say(String key, Object... arguments) {
    told.add(Sentence.of(key, arguments));
  }
}
