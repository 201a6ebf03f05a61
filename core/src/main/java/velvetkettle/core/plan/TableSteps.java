package velvetkettle.core.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Doing;
import velvetkettle.core.media.trait.Preparation;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.recipe.PlatenWriter;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.TableAct;

/** Tells what is done to the things themselves: as their media have it, thing by thing. */
final class TableSteps {
  private final List<TableStep> steps = new ArrayList<>();

  /** How the last tool was set; null while none was used. */
  private Act.@Nullable SetTemperature hot;

  private TableSteps() {}

  static List<TableStep> of(JobRequest job, List<Chosen> all) {
    TableSteps table = new TableSteps();
    all.stream().filter(one -> one.pressed() != null).forEach(one -> table.add(job, one));
    return table.steps;
  }

  private void add(JobRequest job, Chosen thing) {
    Medium medium = thing.press().medium();
    Work work = new Work(job.garment(), thing.decoration().artwork(), job.shop().schools());
    for (Preparation line : medium.handling().preparation(work)) {
      if (line.underPress()) {
        heat(thing, line.platen());
      }
      List<Act> acts = line.does().stream().map(what -> act(what, thing, line)).toList();
      steps.add(new TableStep(thing.decoration().id(), line.say(), acts));
    }
  }

  /** Web is fused at what its press is set to later, a print pressed on at a heat of its own. */
  private void heat(Chosen thing, @Nullable Celsius own) {
    Press press = thing.press().press();
    Setting setting = thing.press().recipe().setting().plain();
    Act.SetTemperature wanted =
        own == null
            ? new Act.SetTemperature(press.name(), setting.dial(), setting.platen())
            : new Act.SetTemperature(press.name(), PlatenWriter.shown(own, press), own);
    if (!wanted.equals(hot)) {
      hot = wanted;
      steps.add(
          new TableStep(
              thing.decoration().id(), Instructions.heating(press, wanted), List.of(wanted)));
    }
  }

  private static Act act(Doing what, Chosen thing, Preparation line) {
    Seconds time = line.time();
    String id = thing.decoration().id();
    Medium medium = thing.press().medium();
    return switch (what) {
      case MIRROR -> new TableAct.Mirror(id);
      case PRINT -> new TableAct.PrintSheet(id);
      case DRY_OUT -> new TableAct.DryOut(id);
      case CUT_OUT -> new TableAct.CutOut(id, medium.handling().cutFace());
      case TRIM -> new TableAct.Trim(id);
      case WEED -> new TableAct.Weed(id, thinnest(medium));
      case MASK -> new TableAct.Mask(id);
      case BACKING_OFF -> new TableAct.BackingOff(id);
      case SEW_PATCH -> new TableAct.SewPatch(id);
      case STABILISER_OFF -> new TableAct.StabiliserOff(id);
      case CUT_WEB -> new TableAct.CutWeb(id);
      case FUSE_WEB -> new TableAct.FuseWeb(id, thing.press().press().name(), requireNonNull(time));
      case PRESS_ON ->
          new TableAct.PressOn(
              id,
              thing.press().press().name(),
              requireNonNull(line.platen()),
              requireNonNull(time));
      case PAPER_OFF -> new Act.PaperOff(id);
      case LOOK_AT_BACKS -> new TableAct.LookAtBacks(id);
      case FIX_STONES -> new TableAct.FixStones(id);
    };
  }

  private static Millimetres thinnest(Medium medium) {
    return medium.appearance().thinnestStroke();
  }
}
