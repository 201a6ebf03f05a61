package velvetkettle.server.press;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.Turns;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.problem.StaleException;

@Service
@Transactional
public class PressService {
  /** More tools than any small shop has. */
  private static final int DRAWER = 100;

  /** Half a year: thermostats drift (common practice, no source). */
  private static final int LONG_AGO_DAYS = 183;

  private final PressMapper presses;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;
  private final Turns turns;

  PressService(PressMapper presses, StoredJson json, Owner owner, Clock clock, Turns turns) {
    this.turns = turns;
    this.presses = presses;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
  }

  /**
   * A press with the id under which tickets name it.
   *
   * @param measuredLongAgo whether it should be measured again
   */
  public record PressView(UUID id, Press press, int version, boolean measuredLongAgo) {}

  private PressView view(PressRow row) {
    LocalDate on = row.measuredOn();
    boolean longAgo = on != null && on.plusDays(LONG_AGO_DAYS).isBefore(today());
    return new PressView(row.id(), row.press(tips(row), map(row)), row.version(), longAgo);
  }

  private @Nullable PlatenMap map(PressRow row) {
    Json places = row.places();
    return places == null ? null : json.read(places, PlatenMap.class);
  }

  private @Nullable Json places(Press press) {
    PlatenMap map = press.calibration().map();
    return map == null ? null : json.write(map);
  }

  private Set<StoneSize> tips(PressRow row) {
    return Set.of(json.read(row.tips(), StoneSize[].class));
  }

  @Transactional(readOnly = true)
  public Page<PressView> page(int page, int size) {
    List<PressView> items =
        presses.page(owner.name(), size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, presses.count(owner.name()));
  }

  /** All presses and tools of the shop, as they are now. */
  @Transactional(readOnly = true)
  public List<Press> drawer() {
    return presses.page(owner.name(), DRAWER, 0).stream().map(row -> view(row).press()).toList();
  }

  @Transactional(readOnly = true)
  public Press press(UUID id) {
    return presses
        .find(owner.name(), id)
        .map(row -> view(row).press())
        .orElseThrow(() -> new NotFoundException("press", id));
  }

  /** Whether it was taken out of the drawer. */
  @Transactional(readOnly = true)
  public boolean isGone(UUID id) {
    return presses.isGone(owner.name(), id);
  }

  /** Takes it out of the drawer; tickets that name it keep it until they are planned anew. */
  public void remove(UUID id) {
    // Two at once must not take the last two.
    turns.take("drawer " + owner.name());
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
    turns.take("press " + id);
    Optional<PressRow> before = presses.find(owner.name(), id);
    if (isGone(id)) {
      throw new NotFoundException("press", id);
    }
    Press press =
        form.press(id, before.map(row -> view(row).press().calibration()).orElse(Calibration.NONE));
    if (before.isEmpty()) {
      PressRow row =
          PressRow.of(
              id,
              owner.name(),
              press,
              json.write(press.tips()),
              places(press),
              (int) presses.count(owner.name()),
              1);
      presses.insert(row);
      return view(row);
    }
    return change(before.get(), press, form.version());
  }

  private PressView change(PressRow before, Press press, int version) {
    if (view(before).press().equals(press) && before.version() == version + 1) {
      return view(before);
    }
    PressRow row =
        PressRow.of(
            before.id(),
            owner.name(),
            press,
            json.write(press.tips()),
            places(press),
            before.position(),
            version + 1);
    if (presses.update(row) == 0) {
      throw new StaleException(version, before.version());
    }
    return view(row);
  }

  /** Refuses one that was taken out of the drawer, or was never in it. */
  @Transactional(readOnly = true)
  public void refuseGone(UUID id) {
    present(id);
  }

  private PressRow present(UUID id) {
    return presses
        .find(owner.name(), id)
        .filter(row -> !isGone(id))
        .orElseThrow(() -> new NotFoundException("press", id));
  }

  /**
   * Keeps what was measured; plans use it from now on.
   *
   * @param version of the press that it was read at
   */
  public PressView keep(UUID id, Calibration calibration, int version) {
    turns.take("press " + id);
    PressRow before = present(id);
    return change(before, view(before).press().measured(calibration), version);
  }

  LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
  }
}
