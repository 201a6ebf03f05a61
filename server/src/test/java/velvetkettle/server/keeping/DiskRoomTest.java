package velvetkettle.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionExecution;

class DiskRoomTest {
  private static final long MEGABYTE = 1L << 20;

  private final AtomicLong left = new AtomicLong(1000 * MEGABYTE);
  private final AtomicLong clock = new AtomicLong(Long.MAX_VALUE - 5);
  private final AtomicBoolean reserved = new AtomicBoolean(true);
  private final DiskRoom room = new DiskRoom(left::get, reserved::get, clock::get);

  @Test
  @DisplayName("what the start script frees for the database does not count as room")
  void goesOnOnlyWithRealRoom() {
    assertThat(room.isThere()).isTrue();
    left.set(33 * MEGABYTE);
    assertThat(room.isThere()).isTrue();
    left.set(31 * MEGABYTE);
    assertThat(room.isThere()).isFalse();
    reserved.set(false);
    left.set((31 + 48) * MEGABYTE);
    assertThat(room.isThere()).isFalse();
    left.set(100 * MEGABYTE);
    assertThat(room.isThere()).isTrue();
  }

  @Test
  @DisplayName("a database that said it was full is tried again after ten seconds")
  void believesTheDatabase() {
    room.ranOut();
    assertThat(room.isThere()).isFalse();
    clock.addAndGet(DiskRoom.AGAIN_IN);
    assertThat(room.isThere()).isTrue();
  }

  @Test
  void onlyWhatWritesIsRefused() {
    TransactionExecution reads = mock();
    when(reads.isReadOnly()).thenReturn(true);
    TransactionExecution writes = mock();
    RoomFirst first = new RoomFirst(room);
    first.beforeBegin(writes);
    left.set(0);
    first.beforeBegin(reads);
    assertThatThrownBy(() -> first.beforeBegin(writes)).isInstanceOf(FullException.class);
  }
}
