package velvetkettle.server.cut;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

/** Reads and lays beside the requests; each work can be followed by its id, and ended. */
@Component
class CutWorks {
  private static final Logger LOG = LoggerFactory.getLogger(CutWorks.class);

  /** Short work is answered at once. */
  private static final long AT_ONCE = 300;

  private final ExecutorService workers = Executors.newFixedThreadPool(2);
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
   */
  public record CutWork(
      UUID id,
      State state,
      int done,
      int of,
      @Nullable Sentence problem,
      @Nullable DesignReading design,
      @Nullable CutView cut) {}

  private static final class Working implements Progress {
    private final UUID id;
    private volatile State state = State.RUNNING;
    private volatile int done;
    private volatile int of;
    private volatile boolean stopped;
    private volatile @Nullable Sentence problem;
    private volatile @Nullable DesignReading design;
    private volatile @Nullable CutView cut;

    Working(UUID id) {
      this.id = id;
    }

    @Override
    public boolean at(int doneNow, int ofAll) {
      done = Math.max(done, doneNow);
      of = ofAll;
      return !stopped;
    }

    CutWork now() {
      return new CutWork(id, state, done, of, problem, design, cut);
    }
  }

  /** Begins to read, unless it has begun already: the same id is the same work. */
  CutWork read(UUID id, Function<Progress, DesignReading> work) {
    return start(id, working -> working.design = work.apply(working));
  }

  CutWork lay(UUID id, Function<Progress, CutView> work) {
    return start(id, working -> working.cut = work.apply(working));
  }

  private CutWork start(UUID id, Consumer<Working> work) {
    Working known = works.getIfPresent(id);
    if (known != null) {
      return known.now();
    }
    Working working = new Working(id);
    works.put(id, working);
    Future<?> running = workers.submit(() -> run(working, work));
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
    try {
      work.accept(working);
      working.state = State.DONE;
    } catch (Progress.StoppedException e) {
      working.state = State.CANCELLED;
    } catch (RefusedException e) {
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
