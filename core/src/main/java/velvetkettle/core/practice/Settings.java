package velvetkettle.core.practice;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Seconds;

/**
 * How a newcomer presses a piece, besides what the display is set to.
 *
 * @param drying pre-press of the bare cloth; 0 where it is left out
 * @param peelAfter from the opening until the carrier comes off; null where there is none to wait
 *     for
 */
public record Settings(
    Seconds drying,
    CoverSheet cover,
    Seconds time,
    Pressure pressure,
    @Nullable Seconds peelAfter) {
  Settings dried(Seconds other) {
    return new Settings(other, cover, time, pressure, peelAfter);
  }

  Settings under(CoverSheet other) {
    return new Settings(drying, other, time, pressure, peelAfter);
  }

  Settings lasting(Seconds other) {
    return new Settings(drying, cover, other, pressure, peelAfter);
  }

  Settings with(Pressure other) {
    return new Settings(drying, cover, time, other, peelAfter);
  }

  Settings peeledAfter(@Nullable Seconds other) {
    return new Settings(drying, cover, time, pressure, other);
  }
}
