package velvetkettle.core.heat.conduction;

import java.util.Arrays;

/**
 * The state of one layer, cell by cell from the top.
 *
 * @param celsius temperature
 * @param water kg per kg of dry cloth
 */
public record Profile(double[] celsius, double[] water) {
  public Profile {
    if (celsius.length != water.length) {
      throw new IllegalArgumentException("a profile has as many temperatures as water contents");
    }
    celsius = celsius.clone();
    water = water.clone();
  }

  /** A layer that has lain in the room: one temperature, and water in equilibrium with the air. */
  public static Profile inRoom(Slab slab, double roomCelsius, double relativeHumidity) {
    double[] celsius = new double[slab.cells()];
    double[] water = new double[slab.cells()];
    Arrays.fill(celsius, roomCelsius);
    if (slab.thirstyMass() > 0) {
      double ambient = Moisture.ambientPascal(roomCelsius, relativeHumidity);
      Arrays.fill(water, Moisture.equilibrium(slab.regain(), roomCelsius, ambient));
    }
    return new Profile(celsius, water);
  }

  /** The same water at one temperature throughout. */
  public Profile at(double degrees) {
    double[] even = new double[celsius.length];
    Arrays.fill(even, degrees);
    return new Profile(even, water);
  }

  /** The same with that many times the water. */
  public Profile moister(double factor) {
    return new Profile(celsius, Arrays.stream(water).map(w -> w * factor).toArray());
  }

  /**
   * The same with more water all through.
   *
   * @param more kg per kg of dry cloth
   */
  public Profile wetter(double more) {
    return new Profile(celsius, Arrays.stream(water).map(w -> w + more).toArray());
  }

  /** The same layer turned over. */
  public Profile flipped() {
    double[] turned = new double[celsius.length];
    double[] turnedWater = new double[celsius.length];
    for (int i = 0; i < celsius.length; i++) {
      turned[i] = celsius[celsius.length - 1 - i];
      turnedWater[i] = water[celsius.length - 1 - i];
    }
    return new Profile(turned, turnedWater);
  }

  @Override
  public double[] celsius() {
    return celsius.clone();
  }

  @Override
  public double[] water() {
    return water.clone();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Profile that
        && Arrays.equals(celsius, that.celsius)
        && Arrays.equals(water, that.water);
  }

  @Override
  public int hashCode() {
    return 31 * Arrays.hashCode(celsius) + Arrays.hashCode(water);
  }

  @Override
  public String toString() {
    return "Profile" + Arrays.toString(celsius);
  }
}
