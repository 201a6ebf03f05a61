package velvetkettle.server.keeping;

import org.springframework.boot.actuate.health.Health;
import org.springframework.boot.actuate.health.HealthIndicator;
import org.springframework.stereotype.Component;

/** FULL where nothing more is kept. */
@Component
class RoomHealthIndicator implements HealthIndicator {
  private final DiskRoom room;

  RoomHealthIndicator(DiskRoom room) {
    this.room = room;
  }

  @Override
  public Health health() {
    Health.Builder health = room.isThere() ? Health.up() : Health.status("FULL");
    return health.withDetail("megabytes", room.left() >> 20).build();
  }
}
