package velvetkettle.server.cut.sum;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velvetkettle.core.press.StoneSize;
import velvetkettle.server.compute.Computing;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.speech.Units;

/** Computes sums: before they are kept, and whenever they are looked at. */
@Component
class SumComputing {
  private final TicketService tickets;
  private final SumService kept;
  private final Sums sums;
  private final SumFiles files;
  private final Computing computing;

  SumComputing(
      TicketService tickets, SumService kept, Sums sums, SumFiles files, Computing computing) {
    this.tickets = tickets;
    this.kept = kept;
    this.sums = sums;
    this.files = files;
    this.computing = computing;
  }

  private record Asked(UUID ticket, int version, String decoration, SumKind kind, SumForm form) {}

  private record FileOf(Asked asked, String name, Units units) {}

  SumView sum(UUID ticketId, String decoration, SumKind kind) {
    TicketView ticket = tickets.ticket(ticketId);
    SumForm form = form(ticket, decoration, kind);
    try {
      return view(ticket, decoration, kind, form);
    } catch (RefusedException e) {
      // What is missing is typed into the form, so the form has to be there.
      return SumViews.without(form, e.sentence(), cloth(ticket, form));
    }
  }

  private SumForm form(TicketView ticket, String decoration, SumKind kind) {
    Sums.thing(ticket, decoration);
    return kept.kept(ticket.id(), decoration, kind)
        .orElseGet(() -> sums.usual(ticket, decoration, kind));
  }

  private SumView view(TicketView ticket, String decoration, SumKind kind, SumForm form) {
    Sums.Done done = done(ticket, decoration, kind, form);
    SumView.Fits fits = fits(done);
    String cloth = cloth(ticket, form);
    return SumViews.of(done, cloth, says(Sums.thing(ticket, decoration), fits) ? null : fits);
  }

  private Sums.Done done(TicketView ticket, String decoration, SumKind kind, SumForm form) {
    return computing.compute(
        new Asked(ticket.id(), ticket.version(), decoration, kind, form),
        () -> sums.done(ticket, decoration, kind, form));
  }

  private static String cloth(TicketView ticket, SumForm form) {
    StonesForm stones = form.stones();
    return stones == null || stones.cloth() == null
        ? ticket.garment().garment().cloth().colour().onScreen()
        : stones.cloth();
  }

  private static SumView.@Nullable Fits fits(Sums.Done done) {
    SumForm form = done.form();
    if (done.laid() != null) {
      return done.laid().layout().stones().isEmpty() ? null : SumViews.fits(done.laid());
    }
    if (form.labels() != null) {
      return plain(form.labels().seen(), form.labels().tape());
    }
    if (form.patches() != null) {
      return plain(form.patches().shape().width(), form.patches().shape().height());
    }
    if (form.strips() != null) {
      return plain(form.strips().measures().panelWidth(), form.strips().measures().panelHeight());
    }
    return form.slits() == null ? null : plain(form.slits().width(), form.slits().height());
  }

  private static SumView.Fits plain(double width, double height) {
    return new SumView.Fits(SumViews.tenths(width), SumViews.tenths(height), 0, 0, null, List.of());
  }

  /** Whether the ticket says so already; half a millimetre is no difference. */
  private static boolean says(DecorationForm thing, SumView.@Nullable Fits fits) {
    return fits == null
        || Math.abs(thing.width() - fits.width()) < 0.6
            && Math.abs(thing.height() - fits.height()) < 0.6
            && (fits.stones() == 0
                || thing.stones() == fits.stones()
                    && thing.stoneSize() == fits.stoneSize()
                    && smaller(thing).equals(Set.copyOf(fits.smallerStones())));
  }

  private static Set<StoneSize> smaller(DecorationForm thing) {
    return thing.smallerStones() == null ? Set.of() : thing.smallerStones();
  }

  /** Keeps what can be summed up. */
  SumView keep(UUID ticketId, String decoration, SumKind kind, SumForm form) {
    TicketView ticket = tickets.ticket(ticketId);
    Sums.thing(ticket, decoration);
    done(ticket, decoration, kind, form);
    return view(ticket, decoration, kind, kept.keep(ticketId, decoration, kind, form));
  }

  SumFiles.SumFile file(UUID ticketId, String decoration, SumKind kind, String name) {
    TicketView ticket = tickets.ticket(ticketId);
    SumForm form = form(ticket, decoration, kind);
    Sums.Done done = done(ticket, decoration, kind, form);
    Units units = Units.asked();
    Asked asked = new Asked(ticketId, ticket.version(), decoration, kind, form);
    return computing.compute(
        new FileOf(asked, name, units), () -> files.file(done, cloth(ticket, form), name, units));
  }
}
