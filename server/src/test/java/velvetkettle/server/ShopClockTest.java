package velvetkettle.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;

class ShopClockTest {
  private static final Instant LAST_WEEK = Instant.parse("2026-11-17T09:00:00Z");

  private final ShopClock clock = new ShopClock();

  @Test
  void itGoesWithTheRealOne() {
    assertThat(clock.instant()).isCloseTo(Instant.now(), within());
    assertThat(clock.getZone()).isEqualTo(ZoneOffset.UTC);
  }

  @Test
  void workCanBeDoneAsOfAnotherTimeOnItsOwnThreadOnly() {
    clock.asOf(
        LAST_WEEK,
        () -> {
          assertThat(clock.instant()).isEqualTo(LAST_WEEK);
          assertThat(CompletableFuture.supplyAsync(clock::instant).join())
              .isCloseTo(Instant.now(), within());
        });
    assertThat(clock.instant()).isCloseTo(Instant.now(), within());
  }

  @Test
  void timeGoesOnAfterWorkThatFailed() {
    assertThatThrownBy(
            () ->
                clock.asOf(
                    LAST_WEEK,
                    () -> {
                      throw new IllegalStateException("glue");
                    }))
        .hasMessage("glue");
    assertThat(clock.instant()).isCloseTo(Instant.now(), within());
  }

  private static org.assertj.core.data.TemporalUnitOffset within() {
    return new org.assertj.core.data.TemporalUnitWithinOffset(
        Duration.ofMinutes(1).toSeconds(), java.time.temporal.ChronoUnit.SECONDS);
  }

  @Test
  void goesForwardForAllAndNeverBack() {
    Instant before = clock.instant();
    clock.forward(Duration.ofMinutes(10));
    assertThat(clock.instant()).isAfterOrEqualTo(before.plus(Duration.ofMinutes(10)));
    assertThatThrownBy(() -> clock.forward(Duration.ofSeconds(-1)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
