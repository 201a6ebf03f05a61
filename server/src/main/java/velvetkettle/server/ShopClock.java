package velvetkettle.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The only clock of the application, in UTC and whole milliseconds, which a database column and a
 * browser keep alike. A piece of work can be done as of another time on its own thread; everybody
 * else's time goes on as it is. For a demonstration or a test the whole shop can be put forward.
 */
@Component
public final class ShopClock extends Clock {
  private final Clock real = Clock.tickMillis(ZoneOffset.UTC);
  private final ThreadLocal<@Nullable Instant> standing = new ThreadLocal<>();

  private final AtomicLong forward = new AtomicLong();

  /** Puts the time of the whole shop forward; it never goes back. */
  public void forward(Duration by) {
    if (by.isNegative()) {
      throw new IllegalArgumentException("time does not go back: " + by);
    }
    forward.addAndGet(by.toMillis());
  }

  /** Does the work as if it were that moment. Not to be nested. */
  public void asOf(Instant moment, Runnable work) {
    standing.set(moment);
    try {
      work.run();
    } finally {
      standing.remove();
    }
  }

  @Override
  public Instant instant() {
    Instant moment = standing.get();
    return moment == null ? real.instant().plusMillis(forward.get()) : moment;
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  /** Instants have no zone; asking for another one is a mistake here. */
  @Override
  public Clock withZone(ZoneId zone) {
    throw new UnsupportedOperationException("the shop's clock gives instants only");
  }
}
