package velvetkettle.core.heat.conduction;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;

/**
 * What lies there for a while: closed under a heater, or open to the room.
 *
 * @param layers from the heated or upper side down
 * @param heater null while the press is open
 * @param baseCelsius what the lowest layer lies on
 * @param seconds for how long
 * @param bonding null where nothing is glued
 * @param overhead what hangs over it while it lies open
 * @param sprayed onto one of the layers just before; null where nothing was
 */
public record PhaseInput(
    List<LaidSlab> layers,
    @Nullable Heater heater,
    double baseCelsius,
    double pressureKpa,
    double seconds,
    @Nullable Bonding bonding,
    Overhead overhead,
    @Nullable Sprayed sprayed) {
  /** Contact of layers that lie loosely on each other, kPa. */
  public static final double LOOSE = 1;

  /**
   * Water put on a layer and rolled in.
   *
   * @param kilograms a square metre, 0 to 2
   */
  public record Sprayed(String layer, double kilograms) {
    public Sprayed {
      Bounds.check("water sprayed", kilograms, 0, 2, "kg/m2");
    }
  }

  /** On layers as they are. */
  public PhaseInput(
      List<LaidSlab> layers,
      @Nullable Heater heater,
      double baseCelsius,
      double pressureKpa,
      double seconds,
      @Nullable Bonding bonding,
      Overhead overhead) {
    this(layers, heater, baseCelsius, pressureKpa, seconds, bonding, overhead, null);
  }

  /** The same with water put on one of its layers just before. */
  public PhaseInput on(Sprayed water) {
    return new PhaseInput(
        layers, heater, baseCelsius, pressureKpa, seconds, bonding, overhead, water);
  }

  public PhaseInput {
    layers = List.copyOf(layers);
    if (layers.stream().map(LaidSlab::name).distinct().count() < layers.size()) {
      throw new IllegalArgumentException("each layer of a scene has a name of its own");
    }
  }

  /** The same closed under another platen. */
  public PhaseInput under(Heater platen) {
    return new PhaseInput(
        layers, platen, baseCelsius, pressureKpa, seconds, bonding, overhead, sprayed);
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
