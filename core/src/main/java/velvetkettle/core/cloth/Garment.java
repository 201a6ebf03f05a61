package velvetkettle.core.cloth;

import java.util.EnumSet;
import java.util.Set;

/**
 * One garment as it lies on the table. Immutable.
 *
 * @param name what the maker calls it, 1 to 80 characters
 * @param obstacles near the place of the work
 */
public record Garment(
    String name,
    GarmentKind kind,
    Blend blend,
    Fabric fabric,
    Colour colour,
    DyeKind dye,
    Finish finish,
    Set<Obstacle> obstacles,
    IronMark iron,
    Size size) {
  public Garment {
    if (name.isBlank() || name.length() > 80) {
      throw new IllegalArgumentException("a garment's name has 1 to 80 characters");
    }
    obstacles = obstacles.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(obstacles));
  }

  /** Dark or medium cloth hides a transparent ink or film. */
  public boolean hidesTransparent() {
    return colour.depth() == Depth.MEDIUM || colour.depth() == Depth.DARK;
  }

  /** From a tenth of elastane, or where the knit is made to stretch. */
  public boolean stretchesFar() {
    return fabric == Fabric.ELASTANE_KNIT || blend.percent(Fibre.ELASTANE) >= 10;
  }

  public boolean forChildUnderThree() {
    return size == Size.BABY || size == Size.TODDLER;
  }
}
