package velvetkettle.server.press;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.StaleException;

@Service
@Transactional
public class PressService {
  private final PressMapper presses;
  private final Owner owner;

  PressService(PressMapper presses, Owner owner) {
    this.presses = presses;
    this.owner = owner;
  }

  /** A press with the id under which tickets name it. */
  public record PressView(UUID id, Press press, int version) {
    static PressView of(PressRow row) {
      return new PressView(row.id(), row.press(), row.version());
    }
  }

  public Page<PressView> page(int page, int size) {
    List<PressView> items =
        presses.page(owner.name(), size, page * size).stream().map(PressView::of).toList();
    return new Page<>(items, page, size, presses.count(owner.name()));
  }

  public Press press(UUID id) {
    return presses
        .find(owner.name(), id)
        .orElseThrow(() -> new NotFoundException("press", id))
        .press();
  }

  /** Makes or changes a press. The same request twice leaves what one left. */
  public PressView save(UUID id, PressForm form) {
    Press press = pressOf(form);
    Optional<PressRow> before = presses.find(owner.name(), id);
    if (before.isEmpty()) {
      PressRow row = PressRow.of(id, owner.name(), press, (int) presses.count(owner.name()), 1);
      presses.insert(row);
      return PressView.of(row);
    }
    if (before.get().press().equals(press) && before.get().version() == form.version() + 1) {
      return PressView.of(before.get());
    }
    PressRow row =
        PressRow.of(id, owner.name(), press, before.get().position(), form.version() + 1);
    if (presses.update(row) == 0) {
      throw new StaleException(form.version(), before.get().version());
    }
    return PressView.of(row);
  }

  private static Press pressOf(PressForm form) {
    return new Press(
        form.name(),
        form.kind(),
        Millimetres.of(form.platenWidth()),
        Millimetres.of(form.platenDepth()),
        form.measured() ? Calibration.readsHigh(form.readsHigh()) : Calibration.NONE);
  }
}
