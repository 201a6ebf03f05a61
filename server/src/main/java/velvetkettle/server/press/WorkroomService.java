package velvetkettle.server.press;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.press.Workroom;
import velvetkettle.server.Owner;
import velvetkettle.server.Turns;
import velvetkettle.server.problem.StaleException;

@Service
@Transactional
public class WorkroomService {
  private final WorkroomMapper rooms;
  private final Owner owner;
  private final Turns turns;

  WorkroomService(WorkroomMapper rooms, Owner owner, Turns turns) {
    this.turns = turns;
    this.rooms = rooms;
    this.owner = owner;
  }

  /**
   * @param version 0 where the usual room is assumed
   */
  public record WorkroomView(double air, double humidity, int version) {
    static WorkroomView of(WorkroomRow row) {
      return new WorkroomView(row.airC(), row.humidity(), row.version());
    }
  }

  @Transactional(readOnly = true)
  public WorkroomView view() {
    return rooms
        .find(owner.name())
        .map(WorkroomView::of)
        .orElseGet(
            () -> new WorkroomView(Workroom.USUAL.air().degrees(), Workroom.USUAL.humidity(), 0));
  }

  @Transactional(readOnly = true)
  public Workroom workroom() {
    return rooms.find(owner.name()).map(WorkroomRow::workroom).orElse(Workroom.USUAL);
  }

  /** Keeps the room. The same request twice leaves what one left. */
  public WorkroomView save(WorkroomForm form) {
    turns.take("workroom " + owner.name());
    Optional<WorkroomRow> before = rooms.find(owner.name());
    WorkroomRow row =
        new WorkroomRow(owner.name(), form.air(), form.humidity(), form.version() + 1);
    if (before.filter(row::equals).isPresent()) {
      return WorkroomView.of(row);
    }
    int kept = before.isEmpty() && form.version() == 0 ? rooms.insert(row) : rooms.update(row);
    if (kept == 0) {
      throw new StaleException(form.version(), before.map(WorkroomRow::version).orElse(0));
    }
    return WorkroomView.of(row);
  }
}
