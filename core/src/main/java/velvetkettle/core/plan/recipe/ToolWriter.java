package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;

/** How the tool in hand is set and held for a recipe [common practice, no source]. */
public final class ToolWriter {
  private final Press press;
  private final PlatenContact under;
  private final Medium medium;
  private final Work work;
  private final Seconds time;
  private final List<Sentence> said = new ArrayList<>();

  private ToolWriter(Workplace workplace, Medium medium, Work work, Seconds time) {
    press = workplace.press();
    under = workplace.under();
    this.medium = medium;
    this.work = work;
    this.time = time;
  }

  static List<Sentence> of(
      Workplace workplace,
      Medium medium,
      Work work,
      Pressure pressure,
      Seconds time,
      boolean steams) {
    Press press = workplace.press();
    ToolWriter writer = new ToolWriter(workplace, medium, work, time);
    if (press.kind().setsSingleStones()) {
      writer.wand();
    } else if (press.kind().iron()) {
      writer.iron(steams);
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
    said.add(knob(press, under, pressure));
    if (press.closing() != null) {
      say("tool.retune");
    }
  }

  /** What the knob of a plate press is turned to. */
  public static Sentence knob(Press press, PlatenContact under, Pressure pressure) {
    Closing closing = press.closing();
    if (closing == null) {
      return Sentence.of("tool.knob", pressure, pressure.nominal());
    }
    KiloPascal wanted = pressure.nominal();
    double carries = under.loaded();
    if (closing.fallsShortOf(wanted, carries)) {
      return Sentence.of(
          "tool.knob-last-mark",
          closing.scale(),
          wanted,
          closing.at(closing.scale(), carries).rounded());
    }
    int mark = closing.mark(wanted, carries);
    return Sentence.of(
        "tool.knob-mark", mark, closing.scale(), closing.at(mark, carries).rounded());
  }

  private void iron(boolean steams) {
    if (press.kind().steams()) {
      say(steams ? "tool.steam-on" : "tool.steam-off");
    }
    boolean travels = work.schools().keepTo(School.IRON_TRAVELLING);
    if (travels) {
      ArtSize art = work.artwork().size();
      double over = under.keptMoving(press, art.width().count(), art.height().count()).over();
      say(
          "tool.iron-passes",
          (int) Math.round(100 * over),
          Seconds.of(Math.round(time.count() / over)));
    } else {
      say(medium.wording().ironing());
    }
    if (!steams) {
      say("tool.iron-twice");
    }
  }

  private void wand() {
    List<StoneSize> sizes = work.artwork().stones().sizes();
    if (sizes.isEmpty()) {
      say("tool.wand");
    }
    sizes.forEach(size -> say("tool.wand-tip", size, size.width()));
  }

  private void say(String key, Object... arguments) {
    said.add(Sentence.of(key, arguments));
  }
}
