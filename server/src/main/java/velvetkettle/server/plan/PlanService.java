package velvetkettle.server.plan;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.ChangesSincePlan;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.core.plan.together.Clash;
import velvetkettle.core.plan.trial.HeatStories;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

@Service
@Transactional
public class PlanService {
  private final Planner planner;
  private final JobRequests requests;
  private final TicketService tickets;
  private final TicketMapper ticketRows;
  private final PlanMapper plans;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;
  private final MediaCatalogue media;

  PlanService(
      Planner planner,
      JobRequests requests,
      TicketService tickets,
      TicketMapper ticketRows,
      PlanMapper plans,
      StoredJson json,
      Owner owner,
      Clock clock,
      MediaCatalogue media) {
    this.media = media;
    this.planner = planner;
    this.requests = requests;
    this.tickets = tickets;
    this.ticketRows = ticketRows;
    this.plans = plans;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
  }

  /**
   * What a plan would say, without keeping it. What was taken once and will not do any more counts
   * as not taken.
   */
  @Transactional(readOnly = true)
  public Plan preview(TicketForm form) {
    JobRequest job = requests.of(form.garment(), form.decorations(), form.pieces(), form.pressId());
    Plan open = planner.plan(job.withMedia(taken -> null));
    JobRequest taken = job.withMedia(decoration -> open.possible(decoration));
    return taken.decorations().stream().allMatch(d -> d.medium() == null)
        ? open
        : planner.plan(taken);
  }

  /**
   * Makes a plan from the ticket as it stands and keeps it. Asked again with the same id, it gives
   * the same plan.
   */
  public PlanView make(UUID ticketId, UUID planId) {
    Optional<PlanRow> made = plans.find(owner.name(), planId);
    if (made.isPresent()) {
      return view(made.get());
    }
    TicketView ticket = tickets.ticket(ticketId);
    requests.refuseGone(ticket.pressId(), ticket.decorations());
    JobRequest request =
        requests.of(ticket.garment(), ticket.decorations(), ticket.pieces(), ticket.pressId());
    Plan plan = planner.plan(request);
    refuseClash(plan);
    PlanRow row =
        new PlanRow(
            planId,
            owner.name(),
            ticketId,
            plans.count(owner.name(), ticketId) + 1,
            plan.schema(),
            plan.rules(),
            json.write(request),
            json.write(plan),
            clock.instant());
    plans.insert(row);
    if (ticket.logged() < ticket.pieces()) {
      ticketRows.moveTo(owner.name(), ticketId, next(ticket), clock.instant());
    }
    return view(row);
  }

  /** A plan as it is stored, with what it was made from. */
  public record Kept(int number, Instant createdAt, Json request, Json body) {}

  /** The newest plan of a ticket as it is stored; empty before the first. */
  @Transactional(readOnly = true)
  public Optional<Kept> kept(UUID ticketId) {
    return plans
        .newest(owner.name(), ticketId)
        .map(row -> new Kept(row.number(), row.createdAt(), row.request(), row.body()));
  }

  /**
   * Keeps a plan that was made elsewhere for a ticket without one; refuses what is no plan of this
   * or an earlier schema.
   */
  public void keep(UUID ticketId, Kept kept) {
    Plan plan = readable(kept);
    PlanRow row =
        new PlanRow(
            UUID.nameUUIDFromBytes((ticketId + " " + kept.createdAt()).getBytes(UTF_8)),
            owner.name(),
            ticketId,
            kept.number(),
            plan.schema(),
            plan.rules(),
            kept.request(),
            kept.body(),
            kept.createdAt());
    plans.insert(row);
    ticketRows.moveTo(owner.name(), ticketId, next(tickets.ticket(ticketId)), clock.instant());
  }

  private Plan readable(Kept kept) {
    try {
      json.read(kept.request(), JobRequest.class);
      Plan plan = json.read(kept.body(), Plan.class);
      if (kept.number() >= 1 && plan.schema() >= 1 && plan.schema() <= Plan.SCHEMA) {
        return plan;
      }
      throw new RefusedException("plan", Sentence.of("ticket-file.plan-newer", plan.schema()));
    } catch (UncheckedIOException e) {
      throw new RefusedException("plan", Sentence.of("ticket-file.no-plan"));
    }
  }

  /** What is cut or printed goes to Cut first; what is already made goes to the press. */
  private Station next(TicketView ticket) {
    boolean cut =
        ticket.decorations().stream()
            .map(DecorationForm::medium)
            .flatMap(medium -> media.find(medium).stream())
            .anyMatch(medium -> medium.handling().cutFace().worked());
    return cut ? Station.CUT : Station.PRESS;
  }

  private static void refuseClash(Plan plan) {
    Clash clash = plan.together().clash();
    if (clash != null) {
      throw new RefusedException(
          "decorations", Sentence.of("plan.clash", clash.reason(), clash.lift()));
    }
  }

  @Transactional(readOnly = true)
  public PlanView plan(UUID id) {
    return view(row(id));
  }

  @Transactional(readOnly = true)
  public List<HeatStories.ToldThing> heat(UUID id) {
    PlanRow row = row(id);
    JobRequest request = json.read(row.request(), JobRequest.class);
    return HeatStories.of(request, media, json.read(row.body(), Plan.class));
  }

  /** What is different for a ticket since its newest plan; nothing where none was made. */
  @Transactional(readOnly = true)
  public List<Sentence> since(UUID ticketId) {
    TicketView ticket = tickets.ticket(ticketId);
    UUID planId = ticket.planId();
    if (planId == null) {
      return List.of();
    }
    PlanRow row = row(planId);
    JobRequest then = json.read(row.request(), JobRequest.class);
    Plan made = json.read(row.body(), Plan.class);
    JobRequest now =
        requests.of(ticket.garment(), ticket.decorations(), ticket.pieces(), ticket.pressId());
    List<Sentence> told = new ArrayList<>();
    requests.pressGone(ticket.pressId()).ifPresent(told::add);
    try {
      told.addAll(ChangesSincePlan.of(then, made, now, planner.plan(now), null));
    } catch (RuledOutException e) {
      told.addAll(ChangesSincePlan.of(then, made, now, null, e.ruledOut()));
    }
    return told;
  }

  /** The request that a plan was made from. */
  @Transactional(readOnly = true)
  public JobRequest request(UUID id) {
    return json.read(row(id).request(), JobRequest.class);
  }

  @Transactional(readOnly = true)
  public Page<PlanView> page(UUID ticketId, int page, int size) {
    List<PlanView> items =
        plans.page(owner.name(), ticketId, size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, plans.count(owner.name(), ticketId));
  }

  private PlanRow row(UUID id) {
    return plans.find(owner.name(), id).orElseThrow(() -> new NotFoundException("plan", id));
  }

  private PlanView view(PlanRow row) {
    return new PlanView(
        row.id(), row.ticketId(), row.number(), row.createdAt(), json.read(row.body(), Plan.class));
  }
}
