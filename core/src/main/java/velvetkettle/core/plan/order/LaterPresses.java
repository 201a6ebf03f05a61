package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.Pressed;
import velvetkettle.core.plan.recipe.LayUpActs;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.plan.recipe.ShortPress;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Sentence;

/**
 * The presses of one thing as they come down on another that lies there already: under a sheet,
 * without its carrier; through the cloth, where they meet the other side of the garment. A quick
 * look for finding an order; what an order does is told by carrying it out.
 */
public final class LaterPresses {
  private final Garment garment;
  private final Chosen lying;
  private final Chosen later;
  private final List<WorkPhase.Closed> presses = new ArrayList<>();

  private LaterPresses(Garment garment, Chosen lying, Chosen later) {
    this.garment = garment;
    this.lying = lying;
    this.later = later;
  }

  /** Each press of the later thing that reaches the one that lies there; empty where none does. */
  public static List<WorkPhase.Closed> over(Garment garment, Chosen lying, Chosen later) {
    Pressed pressed = later.worked();
    if (pressed == null) {
      return List.of();
    }
    LaterPresses there = new LaterPresses(garment, lying, later);
    Recipe recipe = pressed.recipe();
    recipe.presses().before().forEach(there::add);
    there.add(recipe.layUp().side(), recipe.layUp().cover().value(), recipe.setting().plain());
    recipe.presses().after().forEach(there::add);
    return there.presses;
  }

  private void add(ShortPress press) {
    add(press.side(), press.cover(), press.setting());
  }

  private void add(Side side, CoverSheet cover, Setting setting) {
    boolean layered = later.decoration().liesOver(lying.decoration());
    Medium medium = lying.press().medium();
    boolean shielded = !layered && !medium.liesInside();
    CoverSheet over = cover == CoverSheet.NONE && layered ? CoverSheet.PARCHMENT : cover;
    through(side)
        .map(how -> LayUpActs.pressedOver(ground(), medium, over, how, shielded))
        .ifPresent(
            stack ->
                presses.add(
                    new WorkPhase.Closed(
                        Sentence.of("story.turn", StepKind.PRESS),
                        stack,
                        setting.platen(),
                        setting.pressure(),
                        setting.time(),
                        WorkPhase.Role.NONE)));
  }

  /** How the heat comes to what lies there; empty where that is not between the platens. */
  private Optional<LayUpActs.Through> through(Side side) {
    boolean behind = later.isBehind(lying);
    boolean oneLayer = side == Side.BACK || later.placing().oneLayer();
    if (behind) {
      return oneLayer ? Optional.empty() : Optional.of(LayUpActs.Through.BOTH_LAYERS);
    }
    return Optional.of(side == Side.BACK ? LayUpActs.Through.ITS_CLOTH : LayUpActs.Through.NOTHING);
  }

  /** The later tool over what lies there. */
  private Ground ground() {
    Ground own = later.ground(garment);
    return new Ground(
        garment,
        own.press(),
        own.lower(),
        lying.placing().face(),
        own.way(),
        own.oneLayer(),
        own.raised(),
        lying.decoration().artwork().stones().size(),
        lying.press().medium().coloursOver(lying.decoration().artwork()));
  }
}
