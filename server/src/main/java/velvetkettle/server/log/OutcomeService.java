package velvetkettle.server.log;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.log.Outcome;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.plan.PlanService;
import velvetkettle.server.plan.Station;
import velvetkettle.server.plan.TicketMapper;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.run.RunService;
import velvetkettle.server.run.RunView;

@Service
@Transactional
public class OutcomeService {
  private final OutcomeMapper outcomes;
  private final RunService runs;
  private final PlanService plans;
  private final TicketService tickets;
  private final TicketMapper ticketRows;
  private final ClothMemoryService memory;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;

  OutcomeService(
      OutcomeMapper outcomes,
      RunService runs,
      PlanService plans,
      TicketService tickets,
      TicketMapper ticketRows,
      ClothMemoryService memory,
      StoredJson json,
      Owner owner,
      Clock clock) {
    this.outcomes = outcomes;
    this.runs = runs;
    this.plans = plans;
    this.tickets = tickets;
    this.ticketRows = ticketRows;
    this.memory = memory;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
  }

  /**
   * Logs how a run came out. The same again changes nothing; something else for a logged run is
   * refused.
   */
  public OutcomeView log(UUID runId, OutcomeForm form) {
    Outcome outcome = form.outcome();
    RunView run = runs.run(runId);
    // Two runs of a ticket that are logged at once must not have more pieces than there are.
    ticketRows.lock(owner.name(), run.ticketId());
    Optional<OutcomeRow> logged = outcomes.find(owner.name(), runId);
    if (logged.isPresent()) {
      refuseDifferent(json.read(logged.get().body(), Outcome.class), outcome);
      return view(logged.get());
    }
    TicketView ticket = tickets.ticket(run.ticketId());
    refuseMoreThanLeft(outcome, ticket);
    Plan plan = plans.plan(run.planId()).plan();
    OutcomeRow row = row(run, plans.request(run.planId()), plan, outcome, form.decoration());
    outcomes.insert(row);
    outcomes.learn(row);
    memory.remember(UUID.randomUUID(), ticket.garment());
    boolean all = outcomes.logged(owner.name(), run.ticketId()) >= ticket.pieces();
    ticketRows.moveTo(
        owner.name(), run.ticketId(), all ? Station.DONE : Station.PRESS, clock.instant());
    return view(row);
  }

  private static void refuseDifferent(Outcome logged, Outcome now) {
    List<String> different = new ArrayList<>();
    if (logged.good() != now.good()) {
      different.add("good");
    }
    if (logged.bad() != now.bad()) {
      different.add("bad");
    }
    if (!logged.seen().equals(now.seen())) {
      different.add("seen");
    }
    if (!logged.note().equals(now.note())) {
      different.add("note");
    }
    if (!logged.equals(now) && different.isEmpty()) {
      different.add("setting");
    }
    if (!different.isEmpty()) {
      throw new DifferentException("outcome", different);
    }
  }

  private static void refuseMoreThanLeft(Outcome outcome, TicketView ticket) {
    int left = ticket.pieces() - ticket.logged();
    if (outcome.good() + outcome.bad() > left) {
      throw new RefusedException(
          "good", Sentence.of("outcome.more-than-left", outcome.good() + outcome.bad(), left));
    }
  }

  @Transactional(readOnly = true)
  public Page<OutcomeView> page(UUID ticketId, int page, int size) {
    List<OutcomeView> items =
        outcomes.page(owner.name(), ticketId, size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, outcomes.count(owner.name(), ticketId));
  }

  private OutcomeRow row(
      RunView run, JobRequest request, Plan plan, Outcome outcome, @Nullable String decoration) {
    Instant now = clock.instant();
    DecorationPlan pressed = pressed(plan, decoration);
    List<String> also =
        plan.decorations().stream()
            .map(DecorationPlan::medium)
            .filter(other -> !other.equals(pressed.medium()))
            .distinct()
            .toList();
    return new OutcomeRow(
        run.id(),
        owner.name(),
        run.ticketId(),
        pressed.medium(),
        request.garment(request.decoration(pressed.decoration())).clothKind().key(),
        outcome.good(),
        outcome.bad(),
        json.write(outcome),
        json.write(also),
        now,
        now.plusSeconds((long) plan.resting().keepBack().count()));
  }

  /** Of the thing that the faults were seen on; of the first where nobody said. */
  private static DecorationPlan pressed(Plan plan, @Nullable String decoration) {
    return plan.decorations().stream()
        .filter(one -> decoration == null || one.decoration().equals(decoration))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedException(
                    "decoration", Sentence.of("outcome.other-thing", String.valueOf(decoration))));
  }

  private OutcomeView view(OutcomeRow row) {
    return new OutcomeView(
        row.runId(), row.loggedAt(), row.keepBackUntil(), json.read(row.body(), Outcome.class));
  }
}
