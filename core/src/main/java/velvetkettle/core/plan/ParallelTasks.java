package velvetkettle.core.plan;

import java.util.List;
import java.util.concurrent.ForkJoinTask;
import java.util.function.Function;

/**
 * Does the same for several things at once, on all cores. A task for each, because a few take long
 * and most nearly nothing; a parallel stream would give a core all the long ones.
 */
public final class ParallelTasks {
  private ParallelTasks() {}

  /** What each thing gives, in the order of the things; throws what the work throws. */
  public static <T, R> List<R> each(List<T> things, Function<T, R> work) {
    List<ForkJoinTask<R>> tasks =
        things.stream().map(thing -> ForkJoinTask.adapt(() -> work.apply(thing))).toList();
    return ForkJoinTask.invokeAll(tasks).stream().map(ForkJoinTask::join).toList();
  }
}
