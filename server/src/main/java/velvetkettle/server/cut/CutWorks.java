package velvetkettle.server.cut;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.svg.UnreadableDrawingException;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.compute.BusyException;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

/** Reads and lays beside the requests; each work can be followed by its id, and ended. */
@Component
class CutWorks {
  private static final Logger LOG = LoggerFactory.getLogger(CutWorks.class);

  private static final Duration LONGEST = Duration.ofMinutes(3);

  /** Waiting for a thread, each perhaps with a large file in its hands. */
  private static final int QUEUE = 6;

  /** Short work is answered at once. */
  private static final long AT_ONCE = 1000;

  private final ExecutorService workers =
      new ThreadPoolExecutor(2, 2, 1, TimeUnit.MINUTES, new LinkedBlockingQueue<>(QUEUE));

  private final Cache<UUID, Working> works =
      Caffeine.newBuilder().expireAfterAccess(Duration.ofMinutes(10)).maximumSize(60).build();

  public enum State {
    RUNNING,
    DONE,
    CANCELLED,
    FAILED
  }

  /**
   * @param done steps that are done
   * @param of steps in all; 0 before that is known
   * @param problem what went wrong; null where nothing did
   * @param design what was read; null until it is
   * @param cut what was laid; null until it is
   * @param art what was brought; null until it is
   */
  public record CutWork(
      UUID id,
      State state,
      int done,
      int of,
      @Nullable Sentence problem,
      @Nullable DesignReading design,
      @Nullable CutView cut,
      @Nullable ArtView art) {
    /** A drawing that is there already. */
    static CutWork done(UUID id, ArtView art) {
      return new CutWork(id, State.DONE, 0, 0, null, null, null, art);
    }
  }

  private static final class Working implements Progress {
    private final UUID id;
    private final Object question;
    private volatile State state = State.RUNNING;
    private volatile int done;
    private volatile int of;
    private volatile boolean stopped;
    private volatile long until = Long.MAX_VALUE;
    private volatile @Nullable Sentence problem;
    private volatile @Nullable DesignReading design;
    private volatile @Nullable CutView cut;
    private volatile @Nullable ArtView art;

    Working(UUID id, Object question) {
      this.id = id;
      this.question = question;
    }

    @Override
    public boolean at(int doneNow, int ofAll) {
      done = Math.max(done, doneNow);
      of = ofAll;
      return !stopped && !late();
    }

    /** Work that nobody foresaw is given up in the end. */
    boolean late() {
      return System.nanoTime() > until;
    }

    CutWork now() {
      return new CutWork(id, state, done, of, problem, design, cut, art);
    }
  }

  /**
   * Begins to read, unless it has begun already: the same id is the same work.
   *
   * @param question equal for equal work
   * @throws DifferentException where the id is that of other work, here and below
   */
  CutWork read(UUID id, Object question, Function<Progress, DesignReading> work) {
    return start(id, question, working -> working.design = work.apply(working));
  }

  CutWork lay(UUID id, Object question, Function<Progress, CutView> work) {
    return start(id, question, working -> working.cut = work.apply(working));
  }

  /** Brings a drawing; what is refused at once is told as a refusal. */
  CutWork bring(UUID id, Object question, Function<Progress, ArtView> work) {
    Working known = works.getIfPresent(id);
    if (known != null && known.state == State.FAILED) {
      // The same id with a better file, or when there is more room.
      works.invalidate(id);
    }
    CutWork now = start(id, question, working -> working.art = work.apply(working));
    Sentence problem = now.problem();
    if (problem != null) {
      throw new RefusedException("file", problem);
    }
    return now;
  }

  private CutWork start(UUID id, Object question, Consumer<Working> work) {
    Working working = new Working(id, question);
    Working known = works.asMap().putIfAbsent(id, working);
    if (known != null) {
      if (!known.question.equals(question)) {
        throw new DifferentException("work", List.of("what is asked"));
      }
      return known.now();
    }
    Future<?> running;
    try {
      running = workers.submit(() -> run(working, work));
    } catch (RejectedExecutionException e) {
      works.invalidate(id);
      throw new BusyException();
    }
    try {
      running.get(AT_ONCE, TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      return working.now();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (ExecutionException e) {
      throw new IllegalStateException(e);
    }
    return working.now();
  }

  private static void run(Working working, Consumer<Working> work) {
    working.until = System.nanoTime() + LONGEST.toNanos();
    try {
      work.accept(working);
      working.state = State.DONE;
    } catch (Progress.StoppedException e) {
      boolean givenUp = working.late() && !working.stopped;
      working.problem = givenUp ? Sentence.of("cut.too-long", LONGEST.toMinutes()) : null;
      working.state = givenUp ? State.FAILED : State.CANCELLED;
    } catch (RefusedException e) {
      working.problem = e.sentence();
      working.state = State.FAILED;
    } catch (UnreadableDrawingException e) {
      working.problem = e.sentence();
      working.state = State.FAILED;
    } catch (RuntimeException e) {
      LOG.warn("Art could not be worked", e);
      working.problem = Sentence.of("cut.failed");
      working.state = State.FAILED;
    }
  }

  CutWork progress(UUID id) {
    return working(id).now();
  }

  /** Ends it; what is done stays done. */
  CutWork cancel(UUID id) {
    Working working = working(id);
    working.stopped = true;
    return working.now();
  }

  private Working working(UUID id) {
    Working known = works.getIfPresent(id);
    if (known == null) {
      throw new NotFoundException("work", id);
    }
    return known;
  }

  @PreDestroy
  void stop() {
    workers.shutdownNow();
  }
}
