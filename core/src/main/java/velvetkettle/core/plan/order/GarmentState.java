package velvetkettle.core.plan.order;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * The garment between two operations: how warm and dry it is, what lies on it and how much heat it
 * has had.
 *
 * @param lying by decoration, in the order in which they were laid on
 * @param underHeat all press time so far
 * @param hottest the hottest platen it has met; null before the first press
 */
public record GarmentState(
    Warmth warmth,
    boolean dried,
    Map<String, DecorationState> lying,
    Seconds underHeat,
    int presses,
    @Nullable Celsius hottest) {
  /** How far a decoration has got. */
  public enum DecorationState {
    PLACED,
    TACKED,
    BONDED,
    CARRIER_OFF,
    FINISHED
  }

  public static final GarmentState FRESH =
      new GarmentState(Warmth.COOL, false, Map.of(), Seconds.of(0), 0, null);

  GarmentState pressed(Setting setting) {
    Celsius peak =
        hottest == null || hottest.compareTo(setting.platen()) < 0 ? setting.platen() : hottest;
    return new GarmentState(
        Warmth.HOT, true, lying, underHeat.plus(setting.time()), presses + 1, peak);
  }

  GarmentState warmth(Warmth now) {
    return new GarmentState(now, dried, lying, underHeat, presses, hottest);
  }

  GarmentState with(String decoration, DecorationState now) {
    Map<String, DecorationState> changed = new LinkedHashMap<>(lying);
    changed.put(decoration, now);
    return new GarmentState(warmth, dried, Map.copyOf(changed), underHeat, presses, hottest);
  }
}
