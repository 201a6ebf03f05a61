package velvetkettle.core.heat.conduction;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What lies there for a while: closed under a heater, or open to the room.
 *
 * @param layers from the heated or upper side down
 * @param heater null while the press is open
 * @param baseCelsius what the lowest layer lies on
 * @param seconds for how long
 * @param bonding null where nothing is glued
 * @param overhead what hangs over it while it lies open
 */
public record PhaseInput(
    List<LaidSlab> layers,
    @Nullable Heater heater,
    double baseCelsius,
    double pressureKpa,
    double seconds,
    @Nullable Bonding bonding,
    Overhead overhead) {
  /** Contact of layers that lie loosely on each other, kPa. */
  public static final double LOOSE = 1;

  public PhaseInput {
    layers = List.copyOf(layers);
    if (layers.stream().map(LaidSlab::name).distinct().count() < layers.size()) {
      throw new IllegalArgumentException("each layer of a scene has a name of its own");
    }
  }

  /** The same closed under another platen. */
  public PhaseInput under(Heater platen) {
    return new PhaseInput(layers, platen, baseCelsius, pressureKpa, seconds, bonding, overhead);
  }

  int indexOf(String name) {
    for (int i = 0; i < layers.size(); i++) {
      if (layers.get(i).name().equals(name)) {
        return i;
      }
    }
    return -1;
  }
}
