package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.Pressed;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.plan.recipe.ShortPress;
import velvetkettle.core.plan.recipe.StackBuilder;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Sentence;

/**
 * The presses of one thing as they come down on another that lies there already: under the same
 * cover, without its carrier; through the cloth, where they meet the other side of the garment.
 */
public final class LaterPresses {
  private LaterPresses() {}

  /** Each press of the later thing that reaches the one that lies there; empty where none does. */
  public static List<WorkPhase.Closed> over(Garment garment, Chosen lying, Chosen later) {
    Pressed pressed = later.worked();
    if (pressed == null) {
      return List.of();
    }
    LaterPresses.PressedOver there =
        new LaterPresses.PressedOver(
            onto(later.ground(garment), lying), lying, later.isBehind(lying));
    List<WorkPhase.Closed> presses = new ArrayList<>();
    Recipe recipe = pressed.recipe();
    recipe.presses().before().forEach(press -> presses.add(there.under(press)));
    presses.add(
        there.under(
            recipe.layUp().side(), recipe.layUp().cover().value(), recipe.setting().plain()));
    recipe.presses().after().forEach(press -> presses.add(there.under(press)));
    return presses;
  }

  /** The later tool over what lies there. */
  private static Ground onto(Ground later, Chosen lying) {
    return new Ground(
        later.garment(),
        later.press(),
        later.raised(),
        lying.decoration().artwork().stones().size());
  }

  private record PressedOver(Ground ground, Chosen lying, boolean behind) {
    WorkPhase.Closed under(ShortPress later) {
      return under(later.side(), later.cover(), later.setting());
    }

    WorkPhase.Closed under(Side side, CoverSheet cover, Setting setting) {
      return new WorkPhase.Closed(
          Sentence.of("story.turn", StepKind.PRESS),
          stack((side == Side.BACK) != behind, cover),
          setting.platen(),
          setting.pressure(),
          setting.time(),
          WorkPhase.Role.NONE);
    }

    private Stack stack(boolean through, CoverSheet cover) {
      Pressed pressed = lying.press();
      return through
          ? StackBuilder.throughCloth(ground, pressed.medium(), cover)
          : StackBuilder.secondPress(ground, pressed.medium(), cover);
    }
  }
}
