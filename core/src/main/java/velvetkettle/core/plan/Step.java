package velvetkettle.core.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.order.GarmentState;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * An operation as written into a plan, flat, so that it can be stored and opened again for years.
 *
 * @param number from 1
 * @param decoration null where the step belongs to the garment
 * @param setting null where no press closes
 * @param timed what the timer counts: press time, or about how long to wait; null where nothing is
 *     timed
 * @param peel null unless something is peeled
 * @param stack null where no press closes
 * @param press the tool that closes, by its name; null likewise, and in older plans
 * @param after the garment when it is done
 * @param meanwhile what hands can do while they wait; null where nothing is waited for, and in
 *     older plans
 * @param why it is done; null where its instruction says so itself, and in older plans
 * @param handsOn how long hands are busy with it (engineering estimate); null in older plans
 */
public record Step(
    int number,
    StepKind kind,
    @Nullable String decoration,
    Sentence instruction,
    @Nullable Setting setting,
    @Nullable Seconds timed,
    @Nullable Peel peel,
    @Nullable Stack stack,
    @Nullable String press,
    List<Caution> cautions,
    GarmentState after,
    @Nullable Sentence meanwhile,
    @Nullable Sentence why,
    @Nullable Seconds handsOn) {
  public Step {
    cautions = List.copyOf(cautions);
  }
}
