package velvetkettle.server.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/** The demo shop is open from eight to six, every day, in the time zone of this machine. */
final class WorkingHours {
  private static final int OPENS = 8;
  private static final int HOURS = 10;

  private WorkingHours() {}

  /** The full hour that lies so many open hours after the moment given; before it if negative. */
  static Instant away(Instant moment, int hours) {
    ZonedDateTime local = moment.atZone(ZoneId.systemDefault());
    int open = Math.max(0, Math.min(HOURS, local.getHour() - OPENS)) + hours;
    LocalDate day = local.toLocalDate().plusDays(Math.floorDiv(open, HOURS));
    int hour = OPENS + Math.floorMod(open, HOURS);
    return day.atTime(hour, 0).atZone(ZoneId.systemDefault()).toInstant();
  }
}
