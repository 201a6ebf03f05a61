package velvetkettle.server.compute;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Computes what requests ask for. As many threads as the machine has cores, and a queue before
 * them; who would wait too long is told so at once. The same question at the same time is computed
 * once, and for nobody it is ended.
 */
@Component
public class Computing {
  /** Waiting for a thread; more would wait longer than anybody likes. */
  private static final int QUEUE = 32;

  /** Milliseconds that a question may wait for a thread. */
  private static final long LONGEST_WAIT = 2000;

  private final ThreadPoolExecutor pool;
  private final long longestWait;
  private final BooleanSupplier clientGone;
  private final Map<Object, Computation<?>> running = new ConcurrentHashMap<>();

  Computing() {
    this(
        Runtime.getRuntime().availableProcessors(), QUEUE, LONGEST_WAIT, ClientWatch::clientIsGone);
  }

  /**
   * @param longestWait ms that a question may wait for a thread
   * @param clientGone asked in the thread of who waits
   */
  Computing(int threads, int queue, long longestWait, BooleanSupplier clientGone) {
    this.longestWait = longestWait;
    this.clientGone = clientGone;
    pool =
        new ThreadPoolExecutor(
            threads,
            threads,
            1,
            TimeUnit.MINUTES,
            new LinkedBlockingQueue<>(queue),
            work -> {
              Thread thread = new Thread(work, "computing");
              thread.setDaemon(true);
              return thread;
            });
  }

  /**
   * The answer to a question.
   *
   * @param question equal for equal work, and for that only
   * @param work may be ended by interrupting its thread
   * @throws BusyException where too many wait already, or it waited too long
   * @throws ClientGoneException where nobody waits for the answer any more
   */
  public <A> A compute(Object question, Supplier<A> work) {
    if (TransactionSynchronizationManager.isActualTransactionActive()) {
      throw new IllegalStateException(
          "nothing computes inside a transaction: " + question.getClass());
    }
    Computation<A> computation = joined(question, work);
    try {
      return computation.answer(longestWait, clientGone);
    } finally {
      if (computation.leave()) {
        pool.remove(computation.task());
        running.remove(question, computation);
      }
    }
  }

  @SuppressWarnings("unchecked")
  private <A> Computation<A> joined(Object question, Supplier<A> work) {
    return (Computation<A>)
        running.compute(
            question,
            (asked, before) -> before != null && before.join() ? before : begun(asked, work));
  }

  private Computation<?> begun(Object question, Supplier<?> work) {
    Computation<?> computation = new Computation<>(work);
    try {
      pool.execute(computation.task());
    } catch (RejectedExecutionException e) {
      throw new BusyException();
    }
    return computation;
  }

  /** How many questions wait for a thread. */
  int waiting() {
    return pool.getQueue().size();
  }

  @PreDestroy
  void stop() {
    pool.shutdownNow();
  }
}
