package velvetkettle.core.plan.job;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * What the maker settled for one medium in place of what sheet, trade and heat would take; null
 * where it is left to them.
 *
 * @param medium the key of the medium that it was settled for; for another it does not count
 * @param dial what the display has to read
 * @param drying of the cloth before anything is laid on it; 0 where it is left out
 * @param cooled whether the cloth cools again before the medium is laid on it
 * @param raised whether a foam pad lies inside the garment
 * @param fromBack a press more from the back
 * @param press the id of the tool
 */
public record OwnSetting(
    String medium,
    @Nullable Celsius dial,
    @Nullable Seconds time,
    @Nullable Seconds drying,
    @Nullable CoverSheet cover,
    @Nullable Boolean cooled,
    @Nullable Boolean raised,
    @Nullable Seconds fromBack,
    @Nullable String press) {
  /** Everything left to sheet, trade and heat. */
  public static OwnSetting of(String medium) {
    return new OwnSetting(medium, null, null, null, null, null, null, null, null);
  }

  /** Null leaves it to sheet, trade and heat. */
  public OwnSetting at(@Nullable Celsius display, @Nullable Seconds longOrShort) {
    return new OwnSetting(
        medium, display, longOrShort, drying, cover, cooled, raised, fromBack, press);
  }

  public OwnSetting dried(Seconds before) {
    return new OwnSetting(medium, dial, time, before, cover, cooled, raised, fromBack, press);
  }

  public OwnSetting under(CoverSheet sheet) {
    return new OwnSetting(medium, dial, time, drying, sheet, cooled, raised, fromBack, press);
  }

  public OwnSetting cooled(boolean before) {
    return new OwnSetting(medium, dial, time, drying, cover, before, raised, fromBack, press);
  }

  public OwnSetting raised(boolean byPad) {
    return new OwnSetting(medium, dial, time, drying, cover, cooled, byPad, fromBack, press);
  }

  public OwnSetting fromBack(Seconds more) {
    return new OwnSetting(medium, dial, time, drying, cover, cooled, raised, more, press);
  }

  public OwnSetting with(String tool) {
    return new OwnSetting(medium, dial, time, drying, cover, cooled, raised, fromBack, tool);
  }
}
