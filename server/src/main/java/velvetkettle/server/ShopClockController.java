package velvetkettle.server;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Duration;
import java.time.Instant;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Puts the shop's time forward, so that a wait of ten minutes can be shown or tested in a moment.
 * It is there only where the application is started with KETTLE_FORWARD=true.
 */
@RestController
@RequestMapping("/api/shop-clock")
@ConditionalOnProperty("kettle.forward")
public class ShopClockController {
  private final ShopClock clock;

  ShopClockController(ShopClock clock) {
    this.clock = clock;
  }

  /**
   * By how much.
   *
   * @param seconds up to a week
   */
  public record Forward(@Min(1) @Max(604_800) int seconds) {}

  /** What time it is now. */
  @PostMapping
  public Instant forward(@Valid @RequestBody Forward by) {
    clock.forward(Duration.ofSeconds(by.seconds()));
    return clock.instant();
  }
}
