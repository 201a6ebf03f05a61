package velvetkettle.core.heat.conduction;

/**
 * A layer where it lies in a {@link PhaseInput}. Its name is what its heat and water are carried on
 * by from scene to scene.
 *
 * @param laminated whether it is glued or cast onto the layer below
 * @param turned whether it lies face down
 * @param startsCelsius what it is at where it first appears
 */
public record LaidSlab(
    String name, Slab slab, boolean laminated, boolean turned, double startsCelsius) {}
