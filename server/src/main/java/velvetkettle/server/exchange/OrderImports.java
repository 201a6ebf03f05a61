package velvetkettle.server.exchange;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.plan.TicketForm;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.NotFoundException;

/**
 * Makes tickets of a table of orders, one table after the other. All of a table's tickets come in
 * one transaction: stopped halfway, nothing of it is there.
 */
@Component
public class OrderImports {
  private static final Logger LOG = LoggerFactory.getLogger(OrderImports.class);

  private final OrderService orders;
  private final TicketService tickets;
  private final TransactionTemplate transaction;
  private final ExecutorService worker = Executors.newSingleThreadExecutor();
  private final Cache<UUID, Running> imports =
      Caffeine.newBuilder().expireAfterAccess(Duration.ofHours(1)).maximumSize(50).build();

  OrderImports(OrderService orders, TicketService tickets, TransactionTemplate transaction) {
    this.orders = orders;
    this.tickets = tickets;
    this.transaction = transaction;
  }

  public enum State {
    RUNNING,
    DONE,
    CANCELLED,
    FAILED
  }

  /**
   * @param done tickets made so far
   * @param of tickets to make
   * @param left lines that were left out because something is wrong with them
   * @param problem what went wrong; null where nothing did
   */
  public record ImportProgress(
      UUID id, State state, int done, int of, int left, @Nullable Sentence problem) {}

  private static final class Running {
    private final UUID id;
    private final int content;
    private final List<OrderLine> good;
    private final int left;
    private volatile State state = State.RUNNING;
    private volatile int done;
    private volatile boolean stopped;
    private volatile @Nullable Sentence problem;

    Running(UUID id, int content, List<OrderLine> lines) {
      this.id = id;
      this.content = content;
      good = lines.stream().filter(OrderLine::good).toList();
      left = lines.size() - good.size();
    }

    ImportProgress progress() {
      return new ImportProgress(id, state, done, good.size(), left, problem);
    }
  }

  /** Begins, unless it has begun already: the same id is the same table. */
  public ImportProgress start(UUID id, byte[] bytes, ZoneId zone) {
    Running known = imports.getIfPresent(id);
    int content = Objects.hash(Arrays.hashCode(bytes), zone);
    if (known != null) {
      if (known.content != content) {
        throw new DifferentException("import", List.of("file"));
      }
      return known.progress();
    }
    Running running = new Running(id, content, orders.lines(OrderTable.read(bytes), zone));
    Running first = imports.asMap().putIfAbsent(id, running);
    if (first == null) {
      worker.execute(() -> run(running));
    }
    return (first == null ? running : first).progress();
  }

  public ImportProgress progress(UUID id) {
    return running(id).progress();
  }

  /** Stops it; what it made is undone. One that is done stays done. */
  public ImportProgress cancel(UUID id) {
    Running running = running(id);
    running.stopped = true;
    return running.progress();
  }

  private Running running(UUID id) {
    Running known = imports.getIfPresent(id);
    if (known == null) {
      throw new NotFoundException("import", id);
    }
    return known;
  }

  /** The count goes back before the end is told, so that nobody reads one without the other. */
  private void run(Running running) {
    try {
      if (Boolean.TRUE.equals(transaction.execute(status -> allOrNone(running, status)))) {
        running.state = State.DONE;
      } else {
        running.done = 0;
        running.state = State.CANCELLED;
      }
    } catch (RuntimeException e) {
      LOG.warn("A table of orders was not taken", e);
      running.problem =
          Sentence.of("orders.failed", Math.min(running.done + 1, running.good.size()));
      running.done = 0;
      running.state = State.FAILED;
    }
  }

  private boolean allOrNone(Running running, TransactionStatus status) {
    boolean all = makeAll(running);
    if (!all) {
      status.setRollbackOnly();
    }
    return all;
  }

  private boolean makeAll(Running running) {
    for (OrderLine line : running.good) {
      if (running.stopped || Thread.currentThread().isInterrupted()) {
        return false;
      }
      TicketForm ticket = line.ticket();
      if (ticket != null) {
        tickets.add(ticketId(running.id, line.line()), ticket);
      }
      running.done++;
    }
    return !running.stopped;
  }

  /** The same line of the same import is the same ticket, however often it is sent. */
  private static UUID ticketId(UUID id, int line) {
    return UUID.nameUUIDFromBytes((id + " " + line).getBytes(StandardCharsets.UTF_8));
  }

  @PreDestroy
  void stop() {
    worker.shutdownNow();
  }
}
