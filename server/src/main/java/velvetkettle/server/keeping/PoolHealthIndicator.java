package velvetkettle.server.keeping;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import org.springframework.boot.actuate.health.Health;
import org.springframework.boot.actuate.health.HealthIndicator;
import org.springframework.stereotype.Component;

/** BUSY where all connections to the database are in use and somebody waits for one. */
@Component
class PoolHealthIndicator implements HealthIndicator {
  private final HikariDataSource source;

  PoolHealthIndicator(HikariDataSource source) {
    this.source = source;
  }

  @Override
  public Health health() {
    HikariPoolMXBean pool = source.getHikariPoolMXBean();
    int most = source.getMaximumPoolSize();
    int used = pool == null ? 0 : pool.getActiveConnections();
    int waiting = pool == null ? 0 : pool.getThreadsAwaitingConnection();
    Health.Builder health = used >= most && waiting > 0 ? Health.status("BUSY") : Health.up();
    return health
        .withDetail("used", used)
        .withDetail("most", most)
        .withDetail("waiting", waiting)
        .build();
  }
}
