package velvetkettle.server.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.run.RunEvent;
import velvetkettle.core.run.RunEventKind;
import velvetkettle.core.run.RunProgress;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.plan.PlanService;
import velvetkettle.server.plan.PlanView;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

@Service
@Transactional
public class RunService {
  /** So much the clocks of a tablet and of the server may differ. */
  private static final Duration CLOCKS_APART = Duration.ofMinutes(1);

  private final RunMapper runs;
  private final PlanService plans;
  private final StoredJson json;
  private final ApplicationEventPublisher publisher;
  private final Owner owner;
  private final Clock clock;

  RunService(
      RunMapper runs,
      PlanService plans,
      StoredJson json,
      ApplicationEventPublisher publisher,
      Owner owner,
      Clock clock) {
    this.runs = runs;
    this.plans = plans;
    this.json = json;
    this.publisher = publisher;
    this.owner = owner;
    this.clock = clock;
  }

  /** Starts a run by a plan. Asked again with the same id, it gives the same run. */
  public RunView start(UUID id, RunForm form) {
    PlanView plan = plans.plan(form.planId());
    RunProgress begun =
        new RunProgress(List.of(), List.of(), RunProgress.BEGUN.trouble(), form.screen());
    runs.insert(
        new RunRow(
            id,
            owner.name(),
            plan.ticketId(),
            plan.id(),
            clock.instant(),
            plan.plan().steps().size(),
            json.write(begun),
            0,
            false));
    Run run = told(row(id));
    if (!run.row().planId().equals(plan.id())) {
      throw new DifferentException("run", List.of("planId"));
    }
    return run.view();
  }

  /** Adds what happened; what was already reported is passed over. */
  public RunView report(UUID id, List<RunEventForm> happened) {
    Run run = told(runs.lock(owner.name(), id).orElseThrow(() -> new NotFoundException("run", id)));
    refuseImpossible(run, happened);
    Map<UUID, RunEventForm> sent = each(happened);
    Set<UUID> added =
        new HashSet<>(runs.append(id, run.reported(), List.copyOf(sent.values()), clock.instant()));
    refuseDifferent(id, sent, added);
    RunProgress progress = run.progress();
    for (RunEventForm event : sent.values()) {
      if (added.contains(event.id())) {
        progress = progress.after(event.event(), run.steps());
      }
    }
    Run now = run.after(progress, added.size());
    RunView view = now.view();
    if (!added.isEmpty()) {
      runs.tell(now.kept(json.write(progress)));
      runs.moveTicket(run.row().ticketId(), progress.finished(run.steps()), clock.instant());
      publisher.publishEvent(view);
    }
    return view;
  }

  /** What no clock and no plan could bring about is refused as a whole: nothing of it is kept. */
  private void refuseImpossible(Run run, List<RunEventForm> happened) {
    int steps = run.steps();
    Instant earliest = run.row().startedAt().minus(CLOCKS_APART);
    Instant latest = clock.instant().plus(CLOCKS_APART);
    for (int i = 0; i < happened.size(); i++) {
      RunEventForm event = happened.get(i);
      Integer step = event.step();
      boolean missing = step == null && event.kind().isOfAStep();
      if (missing || (step != null && step > steps)) {
        throw new RefusedException(
            "[" + i + "].step", Sentence.of("run.no-step", step == null ? 0 : step, steps));
      }
      if (event.kind() == RunEventKind.TAKEN_OVER && event.screen() == null) {
        throw new RefusedException("[" + i + "].screen", Sentence.of("run.no-screen"));
      }
      if (event.at().isBefore(earliest)) {
        throw new RefusedException("[" + i + "].at", Sentence.of("run.before"));
      }
      if (event.at().isAfter(latest)) {
        throw new RefusedException("[" + i + "].at", Sentence.of("run.ahead"));
      }
    }
  }

  /** By their ids, each once. */
  private static Map<UUID, RunEventForm> each(List<RunEventForm> happened) {
    Map<UUID, RunEventForm> each = new LinkedHashMap<>();
    for (RunEventForm event : happened) {
      RunEventForm before = each.putIfAbsent(event.id(), event);
      if (before != null) {
        refuseDifferent(before, event);
      }
    }
    return each;
  }

  private void refuseDifferent(UUID run, Map<UUID, RunEventForm> sent, Set<UUID> added) {
    List<UUID> again = sent.keySet().stream().filter(id -> !added.contains(id)).toList();
    if (again.isEmpty()) {
      return;
    }
    for (RunEventRow kept : runs.reported(run, again)) {
      refuseDifferent(kept.form(), Objects.requireNonNull(sent.get(kept.clientEventId())));
    }
  }

  private static void refuseDifferent(RunEventForm one, RunEventForm other) {
    List<String> different = new ArrayList<>();
    differs(different, "kind", one.kind(), other.kind());
    differs(different, "piece", one.piece(), other.piece());
    differs(different, "step", one.step(), other.step());
    differs(different, "seconds", one.seconds(), other.seconds());
    differs(different, "screen", one.screen(), other.screen());
    differs(different, "at", one.at(), other.at());
    if (!different.isEmpty()) {
      throw new DifferentException("event", different);
    }
  }

  private static void differs(
      List<String> different, String name, @Nullable Object one, @Nullable Object other) {
    if (!Objects.equals(one, other)) {
      different.add(name);
    }
  }

  @Transactional(readOnly = true)
  public RunView run(UUID id) {
    return told(row(id)).view();
  }

  /** What was reported of a run. */
  @Transactional(readOnly = true)
  public Page<Happened> events(UUID id, int page, int size) {
    RunRow run = row(id);
    return new Page<>(
        runs.pageOfEvents(id, size, page * size).stream().map(Happened::of).toList(),
        page,
        size,
        run.reported());
  }

  @Transactional(readOnly = true)
  public Page<RunView> page(UUID ticketId, int page, int size) {
    List<RunView> items =
        runs.page(owner.name(), ticketId, size, page * size).stream()
            .map(row -> told(row).view())
            .toList();
    return new Page<>(items, page, size, runs.count(owner.name(), ticketId));
  }

  private RunRow row(UUID id) {
    return runs.find(owner.name(), id).orElseThrow(() -> new NotFoundException("run", id));
  }

  /**
   * A run that began before it was told on is told from all that was reported; what is told is kept
   * with its next report.
   */
  private Run told(RunRow run) {
    Integer steps = run.steps();
    Json progress = run.progress();
    if (steps != null && progress != null) {
      return new Run(run, steps, json.read(progress, RunProgress.class), run.reported());
    }
    int all = plans.plan(run.planId()).plan().steps().size();
    List<RunEvent> events = runs.events(run.id()).stream().map(RunEventRow::event).toList();
    return new Run(run, all, RunProgress.of(all, events), events.size());
  }
}
