package velvetkettle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.trial.HeatStories;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Page;

/** Plans: tried while typing, and kept as made. */
@RestController
@RequestMapping("/api")
public class PlanController {
  private final PlanService plans;
  private final PlanComputing planning;

  PlanController(PlanService plans, PlanComputing planning) {
    this.plans = plans;
    this.planning = planning;
  }

  @PostMapping("/plans/preview")
  public Plan preview(@Valid @RequestBody TicketForm form) {
    return planning.preview(form);
  }

  @PutMapping("/tickets/{ticketId}/plans/{planId}")
  public PlanView make(@PathVariable UUID ticketId, @PathVariable UUID planId) {
    return planning.make(ticketId, planId);
  }

  @GetMapping("/tickets/{ticketId}/plans")
  public Page<PlanView> page(
      @PathVariable UUID ticketId,
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "10") @Min(1) @Max(50) int size) {
    return plans.page(ticketId, page, size);
  }

  /** What is different for a ticket since its newest plan, in words. */
  @GetMapping("/tickets/{ticketId}/since")
  public List<Sentence> since(@PathVariable UUID ticketId) {
    return planning.since(ticketId);
  }

  /** What happens in the Stack of each decoration through all presses of this plan. */
  @GetMapping("/plans/{id}/heat")
  public List<HeatStories.ToldThing> heat(@PathVariable UUID id) {
    return planning.heat(id);
  }

  @GetMapping("/plans/{id}")
  public PlanView plan(@PathVariable UUID id) {
    return plans.plan(id);
  }
}
