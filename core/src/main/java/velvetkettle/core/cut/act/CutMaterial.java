package velvetkettle.core.cut.act;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.shelf.CutterSetting;

/**
 * What lies on the mat.
 *
 * @param name as makers call it
 * @param onCarrier whether the blade stops at a carrier below it
 * @param setting of the cutter; null where its sheet says nothing
 */
public record CutMaterial(String name, boolean onCarrier, @Nullable CutterSetting setting) {
  /** Where no sheet says how fast, mm/s [engineering estimate: corners slow the carriage down]. */
  private static final int SPEED = 100;

  /** Seconds for edges of a length, mm. */
  double seconds(double length) {
    int speed = setting == null || setting.speed() == null ? SPEED : setting.speed();
    return length / speed * passes();
  }

  /** How often the blade goes over every edge. */
  public int passes() {
    return setting == null || setting.passes() == null ? 1 : setting.passes();
  }
}
