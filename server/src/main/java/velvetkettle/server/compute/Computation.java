package velvetkettle.server.compute;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.ImpossibleValueException;

/** One question that is computed, and how many wait for its answer. */
final class Computation<A> {
  /** How often somebody who waits looks whether their client still does, ms. */
  private static final long LOOK = 200;

  private final FutureTask<A> task;
  private final CountDownLatch begun = new CountDownLatch(1);
  private int waiting = 1;

  Computation(Supplier<A> work) {
    task =
        new FutureTask<>(
            () -> {
              begun.countDown();
              return work.get();
            });
  }

  Runnable task() {
    return task;
  }

  /** One more waits for it; false where it was ended. */
  synchronized boolean join() {
    if (waiting == 0) {
      return false;
    }
    waiting++;
    return true;
  }

  /** One less waits; with the last it is ended, where it is not done. True for the last. */
  synchronized boolean leave() {
    if (--waiting > 0) {
      return false;
    }
    task.cancel(true);
    return true;
  }

  A answer(long longestWait, BooleanSupplier clientGone) {
    try {
      for (long waited = 0; !begun.await(LOOK, TimeUnit.MILLISECONDS); ) {
        waited += LOOK;
        if (clientGone.getAsBoolean()) {
          throw new ClientGoneException();
        }
        if (waited >= longestWait) {
          throw new BusyException();
        }
      }
      while (true) {
        try {
          return task.get(LOOK, TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
          if (clientGone.getAsBoolean()) {
            throw new ClientGoneException();
          }
        }
      }
    } catch (ExecutionException e) {
      throw thrown(e.getCause());
    } catch (CancellationException e) {
      throw new BusyException();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new ClientGoneException();
    }
  }

  /** As it would have come without a thread of its own. */
  private static RuntimeException thrown(@Nullable Throwable cause) {
    if (cause instanceof Error error) {
      throw error;
    }
    // What was typed was looked at before: a value that cannot be is a fault of ours here.
    boolean same =
        cause instanceof RuntimeException && !(cause instanceof ImpossibleValueException);
    return cause instanceof RuntimeException usual && same
        ? usual
        : new IllegalStateException(cause);
  }
}
