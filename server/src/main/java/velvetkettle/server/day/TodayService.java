package velvetkettle.server.day;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.log.OutcomeMapper;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketSummary;

/** What the day holds: tickets by due time, and pieces that may leave the shop today. */
@Service
@Transactional(readOnly = true)
public class TodayService {
  private static final Duration LOOK_BACK = Duration.ofHours(24);
  private static final Duration LOOK_AHEAD = Duration.ofHours(36);

  private final TicketService tickets;
  private final OutcomeMapper outcomes;
  private final Owner owner;
  private final Clock clock;

  TodayService(TicketService tickets, OutcomeMapper outcomes, Owner owner, Clock clock) {
    this.tickets = tickets;
    this.outcomes = outcomes;
    this.owner = owner;
    this.clock = clock;
  }

  /**
   * @param now the server's time
   * @param due open tickets, the most pressing first
   * @param keptBack pieces whose waiting ends between a day ago and a day and a half ahead
   */
  public record Today(Instant now, Page<TicketSummary> due, List<KeptBack> keptBack) {}

  public record KeptBack(
      UUID ticketId, String name, String title, Term medium, int pieces, Instant until) {}

  public Today today() {
    Instant now = clock.instant();
    return new Today(
        now,
        tickets.page("", null, true, 0, 50),
        outcomes.keptBack(owner.name(), now.minus(LOOK_BACK), now.plus(LOOK_AHEAD)).stream()
            .map(
                k ->
                    new KeptBack(
                        k.ticketId(),
                        "VK-" + k.number(),
                        k.title(),
                        new Term("medium." + k.medium()),
                        k.pieces(),
                        k.keepBackUntil()))
            .toList());
  }
}
