package velvetkettle.core.cloth;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Millimetres;

/**
 * The cloth of a garment: all that heat asks of it.
 *
 * @param iron the mark on the sewn-in label
 * @param ownWeight as weighed or as its label says, from 0.6 to 3 times what such fabrics weigh;
 *     null where the usual one is taken
 */
public record ClothSpec(
    Blend blend,
    Fabric fabric,
    Colour colour,
    DyeKind dye,
    Finish finish,
    IronMark iron,
    @Nullable GramsPerSquareMetre ownWeight) {
  /** That weighs what such fabrics usually do. */
  public ClothSpec(
      Blend blend, Fabric fabric, Colour colour, DyeKind dye, Finish finish, IronMark iron) {
    this(blend, fabric, colour, dye, finish, iron, null);
  }

  public ClothSpec {
    if (ownWeight != null) {
      double usual = fabric.weight().count();
      Bounds.check("weight of " + fabric, ownWeight.count(), 0.6 * usual, 3 * usual, "g/m²");
    }
  }

  /** The same, weighing more or less. */
  ClothSpec weighing(GramsPerSquareMetre weight) {
    return new ClothSpec(blend, fabric, colour, dye, finish, iron, weight);
  }

  /** As weighed, else as such fabrics usually are. */
  GramsPerSquareMetre weight() {
    return ownWeight == null ? fabric.weight() : ownWeight;
  }

  /** As thick as its fabric usually is, in proportion to its weight (engineering estimate). */
  Millimetres thickness() {
    return Millimetres.of(fabric.thickness().count() * weight().count() / fabric.weight().count());
  }

  /** From a tenth of elastane, or where the knit is made to stretch. */
  boolean stretchesFar() {
    return fabric == Fabric.ELASTANE_KNIT || blend.percent(Fibre.ELASTANE) >= 10;
  }
}
