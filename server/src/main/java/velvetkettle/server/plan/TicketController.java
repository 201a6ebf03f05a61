package velvetkettle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.roster.Roster;
import velvetkettle.server.Page;

/** Tickets. The browser gives a new ticket its id, so that a repeated request makes one ticket. */
@RestController
@RequestMapping("/api/tickets")
public class TicketController {
  private final TicketService tickets;

  TicketController(TicketService tickets) {
    this.tickets = tickets;
  }

  @GetMapping
  public Page<TicketSummary> page(
      @RequestParam(defaultValue = "") @Size(max = 100) String search,
      @RequestParam(required = false) @Nullable Station station,
      @RequestParam(defaultValue = "false") boolean open,
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "20") @Min(1) @Max(200) int size) {
    return tickets.page(search, station, open, page, size);
  }

  /** The newest ticket, to begin another one like it; null where there is none. */
  public record LastTicket(@Nullable TicketView ticket) {}

  @GetMapping("/last")
  public LastTicket last() {
    return new LastTicket(tickets.last().orElse(null));
  }

  @GetMapping("/{id}")
  public TicketView ticket(@PathVariable UUID id) {
    return tickets.ticket(id);
  }

  @PutMapping("/{id}")
  public TicketView save(@PathVariable UUID id, @Valid @RequestBody TicketForm form) {
    return tickets.save(id, form);
  }

  /** The pieces are cut or printed, and weeded. */
  @PutMapping("/{id}/cut")
  public TicketView cut(@PathVariable UUID id) {
    return tickets.cut(id, true);
  }

  /** A piece of the roster is done; {@code entry} counts from 0. */
  @PutMapping("/{id}/roster/{entry}/done")
  public TicketView tick(@PathVariable UUID id, @PathVariable @Min(0) @Max(Roster.MOST) int entry) {
    return tickets.tick(id, entry, true);
  }

  @DeleteMapping("/{id}/roster/{entry}/done")
  public TicketView untick(
      @PathVariable UUID id, @PathVariable @Min(0) @Max(Roster.MOST) int entry) {
    return tickets.tick(id, entry, false);
  }

  /** They are not, after all. */
  @DeleteMapping("/{id}/cut")
  public TicketView notCut(@PathVariable UUID id) {
    return tickets.cut(id, false);
  }
}
