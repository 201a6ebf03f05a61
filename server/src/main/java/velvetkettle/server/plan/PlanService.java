package velvetkettle.server.plan;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

@Service
@Transactional
public class PlanService {
  private final JobRequests requests;
  private final TicketService tickets;
  private final TicketMapper ticketRows;
  private final PlanMapper plans;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;
  private final MediaCatalogue media;

  PlanService(
      JobRequests requests,
      TicketService tickets,
      TicketMapper ticketRows,
      PlanMapper plans,
      StoredJson json,
      Owner owner,
      Clock clock,
      MediaCatalogue media) {
    this.media = media;
    this.requests = requests;
    this.tickets = tickets;
    this.ticketRows = ticketRows;
    this.plans = plans;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
  }

  /** What a ticket asks of the planner, as it stands in the browser. */
  @Transactional(readOnly = true)
  public JobRequest job(TicketForm form) {
    return requests.of(form.garment(), form.decorations(), form.pieces(), form.pressId());
  }

  /**
   * A plan that was made before under an id; empty where none was.
   *
   * @throws DifferentException where it is another ticket's
   */
  @Transactional(readOnly = true)
  public Optional<PlanView> made(UUID ticketId, UUID planId) {
    return plans.find(owner.name(), planId).map(row -> sameTicket(ticketId, row));
  }

  private PlanView sameTicket(UUID ticketId, PlanRow row) {
    if (!row.ticketId().equals(ticketId)) {
      throw new DifferentException("plan", List.of("ticketId"));
    }
    return view(row);
  }

  /** What a kept ticket asks of the planner; refuses what is no longer there. */
  @Transactional(readOnly = true)
  public JobRequest toMake(UUID ticketId) {
    TicketView ticket = tickets.ticket(ticketId);
    requests.refuseGone(ticket.pressId(), ticket.decorations());
    return job(ticket.form());
  }

  /** Keeps a plan that was just made; the same id again is the plan that was kept first. */
  public PlanView keep(UUID ticketId, UUID planId, JobRequest request, Plan plan) {
    ticketRows.lock(owner.name(), ticketId);
    Optional<PlanRow> made = plans.find(owner.name(), planId);
    if (made.isPresent()) {
      return sameTicket(ticketId, made.get());
    }
    TicketView ticket = tickets.ticket(ticketId);
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

  @Transactional(readOnly = true)
  public PlanView plan(UUID id) {
    return view(row(id));
  }

  /** A plan with the request that it was made from. */
  public record Made(JobRequest request, Plan plan) {}

  @Transactional(readOnly = true)
  public Made asMade(UUID id) {
    PlanRow row = row(id);
    return new Made(json.read(row.request(), JobRequest.class), json.read(row.body(), Plan.class));
  }

  /**
   * A ticket beside its newest plan.
   *
   * @param now what it asks for today
   * @param pressGone that its press is no longer there; empty where it is
   */
  public record Since(Made then, JobRequest now, Optional<Sentence> pressGone) {}

  /** Empty where no plan was made. */
  @Transactional(readOnly = true)
  public Optional<Since> since(UUID ticketId) {
    TicketView ticket = tickets.ticket(ticketId);
    UUID planId = ticket.planId();
    return planId == null
        ? Optional.empty()
        : Optional.of(
            new Since(asMade(planId), job(ticket.form()), requests.pressGone(ticket.pressId())));
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
