package velvetkettle.server.keeping;

import java.io.File;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Room on the disk that the shop is kept on. Below {@link #LEAST} bytes nothing more is written,
 * because a database that cannot write its log ends; above {@link #ENOUGH} it goes on by itself.
 * What lies between is what the start script frees for the database to come up again (see
 * scripts/room.sh). A database elsewhere says itself when it is full, and is asked again after a
 * while.
 */
@Component
public class DiskRoom {
  /** Bytes; estimate: two files of the database's log of 16 MB each. */
  static final long LEAST = 32L << 20;

  /** Bytes; more than {@link #LEAST} and the reserve of 48 MB come to. */
  static final long ENOUGH = 84L << 20;

  /** Nanoseconds until a database that said it was full is tried again. */
  static final long AGAIN_IN = 10_000_000_000L;

  private final LongSupplier left;
  private final LongSupplier clock;
  private final AtomicBoolean scarce = new AtomicBoolean();
  private final AtomicLong fullUntil;

  /**
   * @param folder where the private database lies; empty where the database is elsewhere
   */
  @Autowired
  DiskRoom(@Value("${kettle.data}") String folder) {
    this(
        folder.isEmpty() ? () -> Long.MAX_VALUE : new File(folder)::getUsableSpace,
        System::nanoTime);
  }

  DiskRoom(LongSupplier left, LongSupplier clock) {
    this.left = left;
    this.clock = clock;
    fullUntil = new AtomicLong(clock.getAsLong());
  }

  /** Whether something may be written. */
  public boolean isThere() {
    long bytes = left();
    if (bytes < LEAST) {
      scarce.set(true);
    } else if (bytes >= ENOUGH) {
      scarce.set(false);
    }
    return !scarce.get() && clock.getAsLong() - fullUntil.get() >= 0;
  }

  /** The database said that its disk is full. */
  public void ranOut() {
    fullUntil.set(clock.getAsLong() + AGAIN_IN);
  }

  /** Bytes left; the largest number where nobody knows. */
  long left() {
    return left.getAsLong();
  }
}
