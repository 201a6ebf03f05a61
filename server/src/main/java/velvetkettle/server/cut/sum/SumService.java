package velvetkettle.server.cut.sum;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.server.Owner;
import velvetkettle.server.Turns;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.StaleException;

/** What was typed for the sums of a ticket. */
@Service
@Transactional
public class SumService {
  private final SumMapper sums;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;
  private final Turns turns;

  SumService(SumMapper sums, StoredJson json, Owner owner, Clock clock, Turns turns) {
    this.sums = sums;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
    this.turns = turns;
  }

  @Transactional(readOnly = true)
  public Optional<SumForm> kept(UUID ticketId, String decoration, SumKind kind) {
    return sums.find(owner.name(), ticketId, decoration, kind).map(this::form);
  }

  private SumForm form(SumRow row) {
    return json.read(row.form(), SumForm.class).at(row.version());
  }

  /**
   * Keeps what was typed. The same request twice leaves what one left.
   *
   * @throws StaleException where it was changed since it was read
   */
  public SumForm keep(UUID ticketId, String decoration, SumKind kind, SumForm form) {
    turns.take("sum " + ticketId);
    Optional<SumRow> before = sums.find(owner.name(), ticketId, decoration, kind);
    if (before.isPresent()) {
      SumForm old = form(before.get());
      boolean same = old.at(0).equals(form.at(0));
      if (same && (old.version() == form.version() + 1 || old.version() == form.version())) {
        return old;
      }
    }
    SumForm next = form.at(form.version() + 1);
    SumRow row =
        new SumRow(
            ticketId,
            decoration,
            kind,
            owner.name(),
            next.version(),
            json.write(next),
            clock.instant());
    int current = before.map(SumRow::version).orElse(0);
    if (current == 0 && form.version() == 0) {
      sums.insert(row);
    } else if (sums.update(row) == 0) {
      throw new StaleException(form.version(), current);
    }
    return next;
  }
}
