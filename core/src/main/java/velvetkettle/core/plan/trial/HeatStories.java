package velvetkettle.core.plan.trial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.story.HeatStory;
import velvetkettle.core.heat.story.StoryTeller;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.ParallelTasks;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.order.OrderOfWork;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.Pressed;
import velvetkettle.core.plan.order.PlacePhases;
import velvetkettle.core.plan.order.Pressings;
import velvetkettle.core.plan.together.SequenceEntry;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;

/** The heat story of a ticket as a plan settled it, whenever that was. */
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
   * One thing of a ticket, told through all the ticket's presses.
   *
   * @param from when its own story begins, in the time of the ticket
   */
  public record ToldThing(String decoration, Seconds from, Told told) {}

  /**
   * Every thing of a ticket, in the order in which they are pressed; what is fixed without heat
   * comes last.
   *
   * @param job what the plan was made from
   */
  public static List<ToldThing> of(JobRequest job, MediaCatalogue media, Plan plan) {
    List<Chosen> all = chosen(job, media, plan);
    List<Chosen> pressed = all.stream().filter(one -> one.pressed() != null).toList();
    boolean known = pressed.stream().allMatch(HeatStories::isKnown);
    List<Act> acts = OrderOfWork.of(job, pressed, List.of());
    List<ToldThing> told =
        new ArrayList<>(
            ParallelTasks.each(pressed, thing -> thing(job, acts, pressed, thing, known)));
    all.stream()
        .filter(one -> one.pressed() == null)
        .map(
            one ->
                new ToldThing(
                    one.decoration().id(), Seconds.of(0), Told.not("story.untold.no-heat")))
        .forEach(told::add);
    return told;
  }

  private static List<Chosen> chosen(JobRequest job, MediaCatalogue media, Plan plan) {
    List<Chosen> each =
        job.decorations().stream()
            .map(decoration -> Chosen.of(job, media, decoration, settled(plan, decoration.id())))
            .toList();
    List<String> order =
        plan.together().sequence().stream().map(SequenceEntry::decoration).toList();
    return each.stream()
        .map(one -> one.among(each))
        .sorted(Comparator.comparingInt(one -> order.indexOf(one.decoration().id())))
        .toList();
  }

  private static DecorationPlan settled(Plan plan, String decoration) {
    return plan.decorations().stream()
        .filter(each -> each.decoration().equals(decoration))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no plan for " + decoration));
  }

  private static ToldThing thing(
      JobRequest job, List<Act> acts, List<Chosen> all, Chosen thing, boolean known) {
    PlacePhases.Course course =
        PlacePhases.of(job.garment(), acts, all, thing, PlacePhases.first(thing));
    return new ToldThing(
        thing.decoration().id(), course.from(), told(job, course.phases(), thing, known));
  }

  private static Told told(JobRequest job, List<WorkPhase> phases, Chosen thing, boolean known) {
    Pressed pressed = thing.press();
    if (!job.workplace(pressed.press()).isComputed()) {
      return Told.not("story.untold.tool", pressed.press().name());
    }
    if (!known) {
      return Told.not("story.untold.older");
    }
    Pressing alone = Pressings.of(job, thing);
    return new Told(StoryTeller.tell(alone.over(phases)), null);
  }

  private static boolean isKnown(Chosen thing) {
    return thing.press().stack().layers().stream()
        .allMatch(layer -> layer.kind() == LayerKind.HEATED_PLATEN || layer.substance() != null);
  }
}
