package velvetkettle.server.run;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.run.RunProgress;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.plan.PlanService;
import velvetkettle.server.plan.PlanView;
import velvetkettle.server.plan.Station;
import velvetkettle.server.plan.TicketMapper;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.run.RunView.Happened;

@Service
@Transactional
public class RunService {
  private final RunMapper runs;
  private final PlanService plans;
  private final TicketService tickets;
  private final TicketMapper ticketRows;
  private final Owner owner;
  private final Clock clock;

  RunService(
      RunMapper runs,
      PlanService plans,
      TicketService tickets,
      TicketMapper ticketRows,
      Owner owner,
      Clock clock) {
    this.runs = runs;
    this.plans = plans;
    this.tickets = tickets;
    this.ticketRows = ticketRows;
    this.owner = owner;
    this.clock = clock;
  }

  /** Starts a run by a plan. Asked again with the same id, it gives the same run. */
  public RunView start(UUID id, RunForm form) {
    PlanView plan = plans.plan(form.planId());
    runs.insert(new RunRow(id, owner.name(), plan.ticketId(), plan.id(), clock.instant()));
    return run(id);
  }

  /** Adds what happened; what was already reported is passed over. */
  public RunView report(UUID id, List<RunEventForm> happened) {
    RunRow run = runs.lock(owner.name(), id).orElseThrow(() -> new NotFoundException("run", id));
    int sequence = runs.events(id).size();
    for (RunEventForm event : happened) {
      sequence +=
          runs.append(
              new RunEventRow(
                  id,
                  sequence + 1,
                  event.id(),
                  event.kind(),
                  event.step(),
                  event.at(),
                  clock.instant()));
    }
    RunView view = view(run);
    moveTicket(run, view);
    return view;
  }

  /** Who presses has cut; who has pressed all that was left has to look at it. */
  private void moveTicket(RunRow run, RunView view) {
    TicketView ticket = tickets.ticket(run.ticketId());
    int left = ticket.pieces() - ticket.logged();
    if (left <= 0) {
      return;
    }
    Station station = view.progress().finished() >= left ? Station.CHECK : Station.PRESS;
    if (station != ticket.station()) {
      ticketRows.moveTo(owner.name(), run.ticketId(), station, clock.instant());
    }
  }

  @Transactional(readOnly = true)
  public RunView run(UUID id) {
    return view(runs.find(owner.name(), id).orElseThrow(() -> new NotFoundException("run", id)));
  }

  @Transactional(readOnly = true)
  public Page<RunView> page(UUID ticketId, int page, int size) {
    List<RunView> items =
        runs.page(owner.name(), ticketId, size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, runs.count(owner.name(), ticketId));
  }

  private RunView view(RunRow run) {
    List<RunEventRow> events = runs.events(run.id());
    int steps = plans.plan(run.planId()).plan().steps().size();
    return new RunView(
        run.id(),
        run.ticketId(),
        run.planId(),
        run.startedAt(),
        RunProgress.of(steps, events.stream().map(RunEventRow::event).toList()),
        events.stream()
            .map(e -> new Happened(e.sequence(), e.kind(), e.step(), e.clientAt(), e.receivedAt()))
            .toList());
  }
}
