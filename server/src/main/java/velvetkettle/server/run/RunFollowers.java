package velvetkettle.server.run;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;

/**
 * Screens that follow a run. Each is told all of where it stands, once when it comes and after
 * every report that is kept, so that one that was away for a while misses nothing.
 */
@Component
public class RunFollowers {
  /** Screens that follow at once; a workshop has a few. */
  private static final int MOST = 100;

  /** A screen asks again by itself after that. */
  private static final Duration STAY = Duration.ofMinutes(10);

  /** A slow screen must not hold up who presses. */
  private static final int TELLING = 4;

  private final Map<UUID, Set<SseEmitter>> following = new ConcurrentHashMap<>();
  private final ExecutorService telling =
      Executors.newFixedThreadPool(
          TELLING,
          work -> {
            Thread thread = new Thread(work, "run-followers");
            thread.setDaemon(true);
            return thread;
          });

  /** Follows a run from where it stands. */
  SseEmitter follow(RunView now) {
    if (following.values().stream().mapToInt(Set::size).sum() >= MOST) {
      throw new RefusedException("id", Sentence.of("run.too-many-screens", MOST));
    }
    SseEmitter screen = new SseEmitter(STAY.toMillis());
    following.compute(now.id(), (run, screens) -> with(screens, screen));
    screen.onCompletion(() -> left(now.id(), screen));
    screen.onTimeout(screen::complete);
    screen.onError(error -> left(now.id(), screen));
    telling.execute(() -> tell(screen, now));
    return screen;
  }

  private static Set<SseEmitter> with(@Nullable Set<SseEmitter> screens, SseEmitter screen) {
    Set<SseEmitter> all = screens == null ? ConcurrentHashMap.newKeySet() : screens;
    all.add(screen);
    return all;
  }

  private void left(UUID run, SseEmitter screen) {
    following.computeIfPresent(
        run,
        (id, screens) -> {
          screens.remove(screen);
          return screens.isEmpty() ? null : screens;
        });
  }

  /** Only what is kept is told. */
  @TransactionalEventListener
  public void told(RunView now) {
    for (SseEmitter screen : following.getOrDefault(now.id(), Set.of())) {
      telling.execute(() -> tell(screen, now));
    }
  }

  private static void tell(SseEmitter screen, RunView now) {
    try {
      screen.send(SseEmitter.event().name("run").data(now, MediaType.APPLICATION_JSON));
    } catch (IOException | IllegalStateException gone) {
      screen.completeWithError(gone);
    }
  }

  /** Nobody waits for screens when the application ends. */
  @EventListener(ContextClosedEvent.class)
  public void close() {
    following.values().forEach(screens -> screens.forEach(SseEmitter::complete));
    telling.shutdownNow();
  }
}
