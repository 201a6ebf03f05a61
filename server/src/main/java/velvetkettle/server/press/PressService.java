package velvetkettle.server.press;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.problem.StaleException;

@Service
@Transactional
public class PressService {
  /** More tools than any small shop has. */
  private static final int DRAWER = 100;

  private final PressMapper presses;
  private final StoredJson json;
  private final Owner owner;

  PressService(PressMapper presses, StoredJson json, Owner owner) {
    this.presses = presses;
    this.json = json;
    this.owner = owner;
  }

  /** A press with the id under which tickets name it. */
  public record PressView(UUID id, Press press, int version) {}

  private PressView view(PressRow row) {
    return new PressView(row.id(), row.press(tips(row)), row.version());
  }

  private Set<StoneSize> tips(PressRow row) {
    return Set.of(json.read(row.tips(), StoneSize[].class));
  }

  public Page<PressView> page(int page, int size) {
    List<PressView> items =
        presses.page(owner.name(), size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, presses.count(owner.name()));
  }

  /** All presses and tools of the shop, as they are now. */
  public List<Press> drawer() {
    return presses.page(owner.name(), DRAWER, 0).stream().map(row -> view(row).press()).toList();
  }

  public Press press(UUID id) {
    return presses
        .find(owner.name(), id)
        .map(row -> view(row).press())
        .orElseThrow(() -> new NotFoundException("press", id));
  }

  /** Whether it was taken out of the drawer. */
  public boolean isGone(UUID id) {
    return presses.isGone(owner.name(), id);
  }

  /** Takes it out of the drawer; tickets that name it keep it until they are planned anew. */
  public void remove(UUID id) {
    boolean last =
        presses.count(owner.name()) == 1
            && presses.find(owner.name(), id).isPresent()
            && !isGone(id);
    if (last) {
      throw new RefusedException("", Sentence.of("press.last"));
    }
    presses.remove(owner.name(), id);
  }

  /** Makes or changes a press. The same request twice leaves what one left. */
  public PressView save(UUID id, PressForm form) {
    Press press = form.press();
    Optional<PressRow> before = presses.find(owner.name(), id);
    if (isGone(id)) {
      throw new NotFoundException("press", id);
    }
    if (before.isEmpty()) {
      PressRow row =
          PressRow.of(
              id,
              owner.name(),
              press,
              json.write(press.tips()),
              (int) presses.count(owner.name()),
              1);
      presses.insert(row);
      return view(row);
    }
    if (view(before.get()).press().equals(press) && before.get().version() == form.version() + 1) {
      return view(before.get());
    }
    PressRow row =
        PressRow.of(
            id,
            owner.name(),
            press,
            json.write(press.tips()),
            before.get().position(),
            form.version() + 1);
    if (presses.update(row) == 0) {
      throw new StaleException(form.version(), before.get().version());
    }
    return view(row);
  }
}
