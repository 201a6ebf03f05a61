package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;

/** How the tool in hand is set and held for a recipe [common practice, no source]. */
final class ToolWriter {
  private final Press press;
  private final Medium medium;
  private final Work work;
  private final List<Sentence> said = new ArrayList<>();

  private ToolWriter(Press press, Medium medium, Work work) {
    this.press = press;
    this.medium = medium;
    this.work = work;
  }

  static List<Sentence> of(
      Press press, Medium medium, Work work, Pressure pressure, @Nullable Boolean steam) {
    ToolWriter writer = new ToolWriter(press, medium, work);
    if (press.kind().setsSingleStones()) {
      writer.wand();
    } else if (press.kind().iron()) {
      writer.iron(steam);
    } else if (press.kind().pressedByHand()) {
      writer.say("tool.lean-in");
    } else {
      writer.plate(pressure);
    }
    if (!press.kind().hasTimer()) {
      writer.say("tool.no-timer");
    }
    if (press.cladInPtfe()) {
      writer.say("tool.clad", press.name());
    }
    return writer.said;
  }

  private void plate(Pressure pressure) {
    Closing closing = press.closing();
    if (closing == null) {
      say("tool.knob", pressure, pressure.nominal());
      return;
    }
    double area = press.platenWidth().count() * press.platenDepth().count();
    double mark = closing.mark(pressure.nominal(), area);
    if (mark > closing.scale()) {
      say("tool.knob-all-of-it", closing.scale(), pressure.nominal());
    } else {
      say(
          "tool.knob-mark",
          (int) Math.max(1, Math.round(mark)),
          closing.scale(),
          pressure.nominal());
    }
    say("tool.retune");
  }

  private void iron(@Nullable Boolean steam) {
    if (press.kind().steams()) {
      say(steams(steam) ? "tool.steam-on" : "tool.steam-off");
    }
    boolean travels = work.schools().keepTo(School.IRON_TRAVELLING);
    say(travels ? "tool.iron-travels" : medium.wording().ironing());
    if (!steams(steam)) {
      say("tool.iron-twice");
    }
  }

  /** The sheet first; then what the medium wants, or the shop's school. */
  private boolean steams(@Nullable Boolean steam) {
    return press.kind().steams() && steams(medium, work, steam);
  }

  static boolean steams(Medium medium, Work work, @Nullable Boolean bySheet) {
    return bySheet != null ? bySheet : medium.atPress().steam().on(work);
  }

  private void wand() {
    StoneSize size = work.artwork().stones().size();
    if (size == null) {
      say("tool.wand");
    } else {
      say("tool.wand-tip", size, size.width());
    }
  }

  private void say(String key, Object... arguments) {
    said.add(Sentence.of(key, arguments));
  }
}
