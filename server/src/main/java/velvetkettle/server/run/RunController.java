package velvetkettle.server.run;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
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
import velvetkettle.server.Page;

/** Runs at the press, as append-only events. */
@RestController
@RequestMapping("/api")
public class RunController {
  private final RunService runs;

  RunController(RunService runs) {
    this.runs = runs;
  }

  @PutMapping("/runs/{id}")
  public RunView start(@PathVariable UUID id, @Valid @RequestBody RunForm form) {
    return runs.start(id, form);
  }

  @PostMapping("/runs/{id}/events")
  public RunView report(
      @PathVariable UUID id,
      @RequestBody @NotEmpty @Size(max = 200) List<@Valid RunEventForm> happened) {
    return runs.report(id, happened);
  }

  @GetMapping("/runs/{id}")
  public RunView run(@PathVariable UUID id) {
    return runs.run(id);
  }

  /** What was reported of a run, in the order of receipt. */
  @GetMapping("/runs/{id}/events")
  public Page<Happened> events(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "100") @Min(1) @Max(500) int size) {
    return runs.events(id, page, size);
  }

  @GetMapping("/tickets/{ticketId}/runs")
  public Page<RunView> page(
      @PathVariable UUID ticketId,
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "20") @Min(1) @Max(100) int size) {
    return runs.page(ticketId, page, size);
  }
}
