package velvetkettle.server.keeping;

import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/** Looks for room before each transaction that may write; what only reads goes on. */
@Component
class RoomFirst implements TransactionExecutionListener {
  private final DiskRoom room;

  RoomFirst(DiskRoom room) {
    this.room = room;
  }

  @Override
  public void beforeBegin(TransactionExecution transaction) {
    if (!transaction.isReadOnly() && !room.isThere()) {
      throw new FullException();
    }
  }
}
