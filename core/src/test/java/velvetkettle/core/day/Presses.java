package velvetkettle.core.day;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.work.Act;

/** The same work on another press. */
final class Presses {
  private Presses() {}

  static Step renamed(Step step, String from, String to) {
    List<Act> acts = step.acts().stream().map(act -> renamed(act, from, to)).toList();
    return with(step, step.setting(), named(step.press(), from, to), acts);
  }

  private static Step with(
      Step step, @Nullable Setting setting, @Nullable String press, List<Act> acts) {
    return new Step(
        step.number(),
        step.kind(),
        step.decoration(),
        step.instruction(),
        step.where(),
        setting,
        step.timed(),
        step.peel(),
        step.stack(),
        press,
        step.cautions(),
        step.after(),
        step.meanwhile(),
        step.why(),
        step.handsOn(),
        step.round(),
        acts);
  }

  /** The same under a tool that hands hold down. */
  static Step heldByHand(Step step) {
    Setting set = step.setting();
    return set == null
        ? step
        : with(
            step,
            new Setting(set.dial(), set.platen(), set.time(), Pressure.HAND),
            step.press(),
            step.acts());
  }

  private static Act renamed(Act act, String from, String to) {
    if (act instanceof Act.LayFlat laid && laid.tool().equals(from)) {
      return new Act.LayFlat(to, laid.up());
    }
    return act;
  }

  private static @Nullable String named(@Nullable String name, String from, String to) {
    return from.equals(name) ? to : name;
  }
}
