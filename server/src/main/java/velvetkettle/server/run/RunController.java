package velvetkettle.server.run;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import velvetkettle.server.Page;

/** Runs at the press, as append-only events. */
@RestController
@RequestMapping("/api")
public class RunController {
  private static final String SHOP_TIME = "Shop-Time";

  private final RunService runs;

  private final RunFollowers followers;
  private final Clock clock;

  RunController(RunService runs, RunFollowers followers, Clock clock) {
    this.runs = runs;
    this.followers = followers;
    this.clock = clock;
  }

  @PutMapping("/runs/{id}")
  public ResponseEntity<RunView> start(@PathVariable UUID id, @Valid @RequestBody RunForm form) {
    return timed(runs.start(id, form));
  }

  @PostMapping("/runs/{id}/events")
  public ResponseEntity<RunView> report(
      @PathVariable UUID id,
      @RequestBody @NotEmpty @Size(max = 200) List<@Valid RunEventForm> happened) {
    return timed(runs.report(id, happened));
  }

  @GetMapping("/runs/{id}")
  public ResponseEntity<RunView> run(@PathVariable UUID id) {
    return timed(runs.run(id));
  }

  /** With the shop's time to the millisecond, so that all screens count alike. */
  private ResponseEntity<RunView> timed(RunView view) {
    String now = clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    return ResponseEntity.ok().header(SHOP_TIME, now).body(view);
  }

  /** Where a run stands, now and after every report, as server-sent events. */
  @GetMapping(path = "/runs/{id}/following", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  public SseEmitter follow(@PathVariable UUID id) {
    return followers.follow(runs.run(id));
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
