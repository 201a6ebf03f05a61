package velvetkettle.core.heat.conduction;

/**
 * A layer in its place.
 *
 * @param laminated whether it is glued or cast onto the layer below
 */
public record Part(Slab slab, Profile state, boolean laminated) {
  public Part {
    if (state.celsius().length != slab.cells()) {
      throw new IllegalArgumentException(
          slab.name() + " has " + slab.cells() + " cells, its state " + state.celsius().length);
    }
  }

  public static Part inRoom(Slab slab, double roomCelsius, double relativeHumidity) {
    return new Part(slab, Profile.inRoom(slab, roomCelsius, relativeHumidity), false);
  }

  public Part onto() {
    return new Part(slab, state, true);
  }
}
