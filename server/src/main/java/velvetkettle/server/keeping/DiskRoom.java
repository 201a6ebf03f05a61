package velvetkettle.server.keeping;

import java.io.File;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Room on the disk that the shop is kept on. With less than {@link #LEAST} bytes left nothing more
 * is written, because a database that cannot write its log ends. The start script holds some room
 * in reserve, for the database to come up again on a full disk (scripts/room.sh); once it had to be
 * given up, what it freed does not count as room, so that {@link #ENOUGH} is wanted. A database
 * elsewhere says itself when it is full, and is asked again after a while.
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
  private final BooleanSupplier reserved;
  private final LongSupplier clock;
  private final AtomicLong fullUntil;

  /**
   * @param folder where the private database lies; empty where the database is elsewhere
   */
  @Autowired
  DiskRoom(@Value("${kettle.data}") String folder) {
    this(
        folder.isEmpty() ? () -> Long.MAX_VALUE : new File(folder)::getUsableSpace,
        new File(folder, "reserve")::exists,
        System::nanoTime);
  }

  DiskRoom(LongSupplier left, BooleanSupplier reserved, LongSupplier clock) {
    this.left = left;
    this.reserved = reserved;
    this.clock = clock;
    fullUntil = new AtomicLong(clock.getAsLong());
  }

  /** Whether something may be written. */
  public boolean isThere() {
    return left() >= (reserved.getAsBoolean() ? LEAST : ENOUGH)
        && clock.getAsLong() - fullUntil.get() >= 0;
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
