package velvetkettle.core.plan;

import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.story.HeatStory;
import velvetkettle.core.heat.story.StoryTeller;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Sentence;

/** The heat story of a decoration as a plan settled it, whenever that was. */
public final class HeatStories {
  private HeatStories() {}

  /**
   * A story, or why there is none: fixed without heat, by a tool that the computation does not
   * speak of, or planned before heat was computed.
   */
  public record Told(@Nullable HeatStory story, @Nullable Sentence untold) {
    static Told not(String why, Object... arguments) {
      return new Told(null, Sentence.of(why, arguments));
    }
  }

  /**
   * @param job what the plan was made from
   * @param decoration the id of one of its decorations; {@link IllegalArgumentException} for
   *     another
   */
  public static Told of(JobRequest job, Plan plan, String decoration) {
    Decoration goesOn = one(job.decorations(), Decoration::id, decoration);
    DecorationPlan settled = one(plan.decorations(), DecorationPlan::decoration, decoration);
    OrderOfWork.Pressed pressed = OrderOfWork.Chosen.of(job, goesOn, settled).pressed();
    if (pressed == null) {
      return Told.not("story.untold.no-heat");
    }
    if (!job.bench(pressed.press()).isComputed()) {
      return Told.not("story.untold.tool", pressed.press().name());
    }
    if (!pressed.stack().layers().stream().allMatch(HeatStories::isKnown)) {
      return Told.not("story.untold.older");
    }
    RecipeWriter writer = RecipeWriter.of(job, goesOn, pressed.medium(), pressed.press());
    return new Told(StoryTeller.tell(Pressings.of(job, goesOn, writer, pressed)), null);
  }

  private static <T> T one(List<T> all, Function<T, String> id, String wanted) {
    return all.stream()
        .filter(each -> id.apply(each).equals(wanted))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no decoration " + wanted));
  }

  private static boolean isKnown(Layer layer) {
    return layer.kind() == LayerKind.HEATED_PLATEN || layer.substance() != null;
  }
}
