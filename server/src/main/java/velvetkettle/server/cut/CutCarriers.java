package velvetkettle.server.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.place.Carrier;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.together.PlacedDecoration;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.PlanService;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;

/** Carriers of what a ticket cuts, as they lie on the garment by its plan. */
@Component
class CutCarriers {
  private final TicketService tickets;
  private final PlanService plans;
  private final CutService cuts;
  private final Designs designs;

  CutCarriers(TicketService tickets, PlanService plans, CutService cuts, Designs designs) {
    this.tickets = tickets;
    this.plans = plans;
    this.cuts = cuts;
    this.designs = designs;
  }

  /** What lies over one another; nothing where nothing is planned or cut yet. */
  List<Sentence> told(UUID ticketId) {
    TicketView ticket = tickets.ticket(ticketId);
    CutForm form = cuts.cut(ticketId).form();
    if (ticket.planId() == null) {
      return List.of();
    }
    Plan plan = plans.asMade(ticket.planId()).plan();
    List<Carrier> carriers = new ArrayList<>();
    for (CutForm.Design design : form.designs()) {
      String name = name(ticket, design.decoration());
      if (designs.medium(design).isCutByColour()) {
        plan.together().placed().stream()
            .filter(placed -> placed.decoration().equals(design.decoration()))
            .map(PlacedDecoration::placing)
            .map(where -> new Carrier(name, where.face(), where.art(), form.lay().carrier()))
            .forEach(carriers::add);
      }
    }
    return Carrier.overOneAnother(carriers);
  }

  private static String name(TicketView ticket, String decoration) {
    return ticket.decorations().stream()
        .filter(each -> each.id().equals(decoration))
        .map(DecorationForm::description)
        .findFirst()
        .orElse(decoration);
  }
}
