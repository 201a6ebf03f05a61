package velvetkettle.core.cloth;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Millimetres;

/**
 * One garment as it lies on the table. Immutable.
 *
 * @param name what the maker calls it, 1 to 80 characters
 * @param obstacles near the place of the work
 * @param layout what was measured of it as it lies flat
 * @param ownWeight as weighed or as its label says, from 0.6 to 3 times what such fabrics weigh;
 *     null where the usual one is taken
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
    Size size,
    @Nullable GramsPerSquareMetre ownWeight,
    Layout layout) {
  public Garment(
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
    this(name, kind, blend, fabric, colour, dye, finish, obstacles, iron, size, null, Layout.USUAL);
  }

  public Garment {
    if (name.isBlank() || name.length() > 80) {
      throw new IllegalArgumentException("a garment's name has 1 to 80 characters");
    }
    if (ownWeight != null) {
      double usual = fabric.weight().count();
      Bounds.check("weight of " + fabric, ownWeight.count(), 0.6 * usual, 3 * usual, "g/m²");
    }
    // What was kept before garments were laid out has none.
    layout = layout == null ? Layout.USUAL : layout;
    obstacles = obstacles.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(obstacles));
  }

  /** The same cloth, whatever it is called and wherever its obstacles lie: all that heat asks. */
  public Garment asCloth() {
    return new Garment(
        "cloth",
        kind,
        blend,
        fabric,
        colour,
        dye,
        finish,
        obstacles,
        iron,
        size,
        ownWeight,
        Layout.USUAL);
  }

  /** The same of a cloth that weighs more or less. */
  public Garment weighing(GramsPerSquareMetre weight) {
    return new Garment(
        name, kind, blend, fabric, colour, dye, finish, obstacles, iron, size, weight, layout);
  }

  /** Of its cloth, as weighed, else as such fabrics usually are. */
  public GramsPerSquareMetre weight() {
    return ownWeight == null ? fabric.weight() : ownWeight;
  }

  /** As thick as its fabric usually is, in proportion to its weight (engineering estimate). */
  public Millimetres thickness() {
    return Millimetres.of(fabric.thickness().count() * weight().count() / fabric.weight().count());
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
