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
import velvetkettle.core.work.Act;

/**
 * Acts that are one move of the hands, and what is said and shown of them: flat, so that it can be
 * stored and opened again for years.
 *
 * @param number from 1
 * @param decoration null where the step belongs to the garment
 * @param where on the garment that is, in millimetres; null where nobody asks, and in plans of
 *     older schemas
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
 * @param round from 1; all pieces go through a round before the tools are set for the next one
 * @param acts what is done, in its order; none in plans of older schemas
 * @param handsOn how long hands are busy with it (engineering estimate); null in older plans
 */
public record Step(
    int number,
    StepKind kind,
    @Nullable String decoration,
    Sentence instruction,
    @Nullable Sentence where,
    @Nullable Setting setting,
    @Nullable Seconds timed,
    @Nullable Peel peel,
    @Nullable Stack stack,
    @Nullable String press,
    List<Caution> cautions,
    GarmentState after,
    @Nullable Sentence meanwhile,
    @Nullable Sentence why,
    @Nullable Seconds handsOn,
    int round,
    List<Act> acts) {
  /** Whether it is done once for all pieces of its round. */
  public boolean once() {
    return kind == StepKind.SET;
  }

  public Step {
    cautions = List.copyOf(cautions);
    acts = List.copyOf(acts);
  }
}
