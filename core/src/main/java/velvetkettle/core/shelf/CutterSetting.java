package velvetkettle.core.shelf;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * How the cutter is set for a material, on its own scales; null where the sheet says nothing.
 *
 * @param force grams, 1 to 5000
 * @param depth of the blade on its own scale, 1 to 100
 * @param speed mm/s, 1 to 2000
 * @param passes 1 to 10
 * @param blade what is written on it, up to 40 characters
 */
public record CutterSetting(
    @Nullable Integer force,
    @Nullable Integer depth,
    @Nullable Integer speed,
    @Nullable Integer passes,
    @Nullable String blade) {
  public CutterSetting {
    check("cutter force", force, 5000, "g");
    check("blade depth", depth, 100, "marks");
    check("cutter speed", speed, 2000, "mm/s");
    check("passes", passes, 10, "times");
    if (blade != null && (blade.isBlank() || blade.length() > 40)) {
      throw new ImpossibleValueException("a blade is named in 1 to 40 characters");
    }
  }

  private static void check(String name, @Nullable Integer value, int highest, String unit) {
    if (value != null) {
      Bounds.check(name, value, 1, highest, unit);
    }
  }
}
