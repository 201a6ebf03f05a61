package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * The operations of one decoration as heat meets them: the press closed over a Stack, or the piece
 * lying open on the pad or the table. Times by hand: engineering estimates.
 */
final class WorkPhases {
  private static final Seconds BY_HAND = Seconds.of(8);
  private static final Seconds AT_ONCE = Seconds.of(3);
  private static final Seconds LOOKED_AT = Seconds.of(20);

  private final List<WorkPhase> phases = new ArrayList<>();
  private final boolean begun;
  private boolean carrierOff;
  private boolean mainPressed;

  private WorkPhases(boolean begun) {
    this.begun = begun;
  }

  /** From the first that closes a press. */
  static List<WorkPhase> of(List<Operation> operations) {
    return of(operations, false);
  }

  /**
   * @param begun whether something was pressed before them; otherwise they begin with the first
   *     that closes a press
   */
  static List<WorkPhase> of(List<Operation> operations, boolean begun) {
    WorkPhases heat = new WorkPhases(begun);
    operations.forEach(heat::add);
    return heat.phases;
  }

  private void add(Operation operation) {
    if (operation instanceof Operation.PrePress pre) {
      closed(pre, WorkPhase.Role.NONE);
    } else if (operation instanceof Operation.HeatPress press) {
      heatPress(press);
    } else if (!begun && phases.isEmpty()) {
      return;
    } else if (operation instanceof Operation.Cool cool) {
      open(cool, true, cool.timed());
    } else if (operation instanceof Operation.PeelOff peel) {
      Seconds wait = peel.timed();
      open(peel, wait != null, wait == null ? AT_ONCE : wait);
      carrierOff = true;
    } else if (operation instanceof Operation.Inspect) {
      open(operation, true, LOOKED_AT);
    } else {
      open(operation, false, BY_HAND);
    }
  }

  /** A place of the garment is under one position of the platen only. */
  private void heatPress(Operation.HeatPress press) {
    if (press.kind() == StepKind.PRESS && mainPressed) {
      return;
    }
    mainPressed = mainPressed || press.kind() == StepKind.PRESS;
    closed(press, press.role());
  }

  private void closed(Operation operation, WorkPhase.Role role) {
    Setting setting = operation.setting();
    if (setting != null && operation.stack() != null) {
      phases.add(
          new WorkPhase.Closed(
              name(operation),
              operation.stack(),
              setting.platen(),
              setting.pressure(),
              setting.time(),
              role));
    }
  }

  private void open(Operation operation, boolean onTable, Seconds time) {
    phases.add(new WorkPhase.Open(name(operation), onTable, carrierOff, time));
  }

  private static Sentence name(Operation operation) {
    return Sentence.of("story.turn", operation.kind());
  }
}
