package velvetkettle.server.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.Turns;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.press.PressService;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.problem.StaleException;
import velvetkettle.server.roster.RosterDoneMapper;
import velvetkettle.server.roster.RosterEntryForm;
import velvetkettle.server.roster.RosterPiece;

@Service
@Transactional
public class TicketService {
  private final TicketMapper tickets;
  private final PlanMapper plans;
  private final Logbook logbook;
  private final PressService presses;
  private final JobRequests requests;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;
  private final RosterDoneMapper ticked;
  private final MediaCatalogue media;
  private final Turns turns;

  TicketService(
      TicketMapper tickets,
      PlanMapper plans,
      Logbook logbook,
      PressService presses,
      JobRequests requests,
      StoredJson json,
      Owner owner,
      Clock clock,
      RosterDoneMapper ticked,
      MediaCatalogue media,
      Turns turns) {
    this.turns = turns;
    this.media = media;
    this.tickets = tickets;
    this.plans = plans;
    this.logbook = logbook;
    this.presses = presses;
    this.requests = requests;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
    this.ticked = ticked;
  }

  @Transactional(readOnly = true)
  public TicketView ticket(UUID id) {
    return view(row(id));
  }

  /** The newest ticket; empty in a shop that has none. */
  @Transactional(readOnly = true)
  public Optional<TicketView> last() {
    return tickets.last(owner.name()).map(this::view);
  }

  /**
   * Makes or changes a ticket. The same request twice leaves what one left; a request from an older
   * version is refused with both versions.
   */
  public TicketView save(UUID id, TicketForm form) {
    // Refuses what core would refuse, before anything is kept.
    requests.of(form.garment(), form.decorations(), form.pieces(), form.pressId());
    refuseOtherCount(form);
    turns.take("ticket " + id);
    Optional<TicketRow> before = tickets.find(owner.name(), id);
    if (before.isEmpty()) {
      requests.refuseGone(form.pressId(), form.decorations());
      return view(insert(id, form));
    }
    TicketRow old = before.get();
    TicketRow row =
        row(
            id,
            form,
            old.number(),
            form.version() + 1,
            old.createdAt(),
            stationAfterEdit(old, form));
    if (old.version() == row.version() && sameContent(old, row)) {
      return view(old);
    }
    if (tickets.update(row) == 0) {
      throw new StaleException(form.version(), old.version());
    }
    return view(row);
  }

  /**
   * Ticks a piece of the roster off, or takes the tick back.
   *
   * @param entry its place in the roster, from 0
   */
  public TicketView tick(UUID id, int entry, boolean done) {
    List<String> keys = RosterPiece.keys(roster(row(id)));
    if (entry >= keys.size()) {
      throw new NotFoundException("entry", entry + 1);
    }
    if (done) {
      ticked.tick(owner.name(), id, keys.get(entry), clock.instant());
    } else {
      ticked.untick(owner.name(), id, keys.get(entry));
    }
    return ticket(id);
  }

  /** Adds a new ticket that was checked already, one of many; one that is there stays as it is. */
  public void add(UUID id, TicketForm form) {
    turns.take("ticket " + id);
    if (tickets.find(owner.name(), id).isEmpty()) {
      insert(id, form);
    }
  }

  private TicketRow insert(UUID id, TicketForm form) {
    tickets.lockNumbers(owner.name());
    TicketRow row =
        row(id, form, tickets.nextNumber(owner.name()), 1, clock.instant(), Station.METHOD);
    tickets.insert(row);
    return row;
  }

  /**
   * Says whether the pieces are cut and weeded. Before the method is chosen, and after the first
   * press, it changes nothing.
   */
  public TicketView cut(UUID id, boolean done) {
    Station from = done ? Station.CUT : Station.PRESS;
    TicketRow row = row(id);
    if (row.station() == from && plans.newest(owner.name(), id).isPresent()) {
      tickets.moveTo(owner.name(), id, done ? Station.PRESS : Station.CUT, clock.instant());
    }
    return ticket(id);
  }

  @Transactional(readOnly = true)
  public Page<TicketSummary> page(
      String search, @Nullable Station station, boolean open, int page, int size) {
    String pattern = TicketSearch.pattern(search);
    List<TicketSummary> items =
        tickets.page(owner.name(), pattern, station, open, size, page * size).stream()
            .map(this::summary)
            .toList();
    return new Page<>(items, page, size, tickets.count(owner.name(), pattern, station, open));
  }

  private TicketRow row(UUID id) {
    return tickets.find(owner.name(), id).orElseThrow(() -> new NotFoundException("ticket", id));
  }

  private TicketRow row(
      UUID id, TicketForm form, int number, int version, Instant created, Station station) {
    return new TicketRow(
        id,
        owner.name(),
        number,
        form.title(),
        form.customer(),
        form.dueAt(),
        form.pieces(),
        form.pressId(),
        station,
        json.write(form.garment()),
        json.write(form.decorations()),
        json.write(form.roster()),
        TicketSearch.words(name(number), form),
        version,
        created,
        clock.instant());
  }

  /**
   * A ticket that is done opens again when more pieces are asked for; otherwise editing does not
   * move it.
   */
  private Station stationAfterEdit(TicketRow old, TicketForm form) {
    boolean more = form.pieces() > logbook.logged(old.id());
    return old.station() == Station.DONE && more ? Station.PRESS : old.station();
  }

  private boolean sameContent(TicketRow old, TicketRow now) {
    return old.title().equals(now.title())
        && old.customer().equals(now.customer())
        && old.dueAt().equals(now.dueAt())
        && old.pieces() == now.pieces()
        && old.pressId().equals(now.pressId())
        && garment(old).equals(garment(now))
        && decorations(old).equals(decorations(now))
        && roster(old).equals(roster(now));
  }

  private GarmentForm garment(TicketRow row) {
    return json.read(row.garment(), GarmentForm.class);
  }

  private List<DecorationForm> decorations(TicketRow row) {
    return Arrays.asList(json.read(row.decorations(), DecorationForm[].class));
  }

  private List<RosterEntryForm> roster(TicketRow row) {
    return Arrays.asList(json.read(row.roster(), RosterEntryForm[].class));
  }

  /** Every piece of a roster has its entry. */
  private static void refuseOtherCount(TicketForm form) {
    int entries = form.roster().size();
    for (int i = 0; i < entries; i++) {
      if (form.roster().get(i).saysNothing()) {
        throw new RefusedException(
            "roster[" + i + "].name", Sentence.of("roster.empty-entry", i + 1));
      }
    }
    if (entries > 0 && entries != form.pieces()) {
      throw new RefusedException("pieces", Sentence.of("roster.pieces", entries, form.pieces()));
    }
  }

  private TicketView view(TicketRow row) {
    GarmentForm garment = garment(row);
    List<DecorationForm> decorations = decorations(row);
    Optional<PlanRow> plan = plans.newest(owner.name(), row.id());
    JobRequest now = requests.of(garment, decorations, row.pieces(), row.pressId());
    boolean current =
        plan.map(p -> JobRequests.same(json.read(p.request(), JobRequest.class), now))
            .orElse(false);
    int logged = logbook.logged(row.id());
    return new TicketView(
        row.id(),
        name(row.number()),
        row.title(),
        row.customer(),
        row.dueAt(),
        row.pieces(),
        row.pressId(),
        presses.press(row.pressId()),
        garment,
        decorations,
        roster(row),
        RosterPiece.of(roster(row), ticked.done(owner.name(), row.id())),
        row.version(),
        row.station(),
        Stations.of(row, decorations, media, plan.isPresent(), current, logged),
        plan.map(PlanRow::id).orElse(null),
        current,
        logged);
  }

  private TicketSummary summary(TicketRow row) {
    GarmentForm garment = garment(row);
    return new TicketSummary(
        row.id(),
        name(row.number()),
        row.title(),
        row.customer(),
        row.dueAt(),
        row.pieces(),
        row.station(),
        garment.name(),
        garment.colour(),
        garment.depth(),
        garment.hue(),
        String.join(", ", decorations(row).stream().map(DecorationForm::description).toList()));
  }

  private static String name(int number) {
    return "VK-" + number;
  }
}
