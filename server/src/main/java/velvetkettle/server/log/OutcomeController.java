package velvetkettle.server.log;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.Page;

/** How runs came out. */
@RestController
@RequestMapping("/api")
public class OutcomeController {
  private final OutcomeService outcomes;

  OutcomeController(OutcomeService outcomes) {
    this.outcomes = outcomes;
  }

  @PutMapping("/runs/{runId}/outcome")
  public OutcomeView log(@PathVariable UUID runId, @Valid @RequestBody OutcomeForm form) {
    return outcomes.log(runId, form);
  }

  @GetMapping("/tickets/{ticketId}/outcomes")
  public Page<OutcomeView> page(
      @PathVariable UUID ticketId,
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "20") @Min(1) @Max(100) int size) {
    return outcomes.page(ticketId, page, size);
  }
}
