package velvetkettle.core.cloth;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Millimetres;

/**
 * The cloth of a garment: all that heat asks of it.
 *
 * @param iron the mark on the sewn-in label
 * @param ownWeight as weighed or as its label says, within what is believed of such fabrics; null
 *     where the usual one is taken
 * @param parts what other parts of the garment are of, by its label; empty where it names none
 */
public record ClothSpec(
    Blend blend,
    Fabric fabric,
    Colour colour,
    DyeKind dye,
    Finish finish,
    IronMark iron,
    @Nullable GramsPerSquareMetre ownWeight,
    Map<GarmentPart, Blend> parts) {
  /** That weighs what such fabrics usually do. */
  public ClothSpec(
      Blend blend, Fabric fabric, Colour colour, DyeKind dye, Finish finish, IronMark iron) {
    this(blend, fabric, colour, dye, finish, iron, null, Map.of());
  }

  public ClothSpec {
    // What was kept before labels were read in parts has none.
    parts = parts == null ? Map.of() : Map.copyOf(parts);
    if (ownWeight != null) {
      Bounds.check(
          "weight of " + fabric, ownWeight.count(), fabric.lightest(), fabric.heaviest(), "g/m²");
    }
  }

  /** The same, weighing more or less. */
  ClothSpec weighing(GramsPerSquareMetre weight) {
    return new ClothSpec(blend, fabric, colour, dye, finish, iron, weight, parts);
  }

  /** The same where another part of the garment is worked on. */
  ClothSpec at(GarmentPart part) {
    Blend own = parts.getOrDefault(part, blend);
    return new ClothSpec(own, fabric, colour, dye, finish, iron, ownWeight, parts);
  }

  /** The same with another part of that. */
  ClothSpec with(GarmentPart part, Blend of) {
    Map<GarmentPart, Blend> more = new EnumMap<>(GarmentPart.class);
    more.putAll(parts);
    more.put(part, of);
    return new ClothSpec(blend, fabric, colour, dye, finish, iron, ownWeight, more);
  }

  /** Of all parts, which are washed together. */
  public List<FibreShare> all() {
    return Stream.concat(Stream.of(blend), parts.values().stream())
        .flatMap(each -> each.shares().stream())
        .toList();
  }

  /** Of this part and of what lies within it: all that gets hot under a platen. */
  List<FibreShare> pressed() {
    return Stream.concat(
            Stream.of(blend),
            parts.entrySet().stream()
                .filter(other -> other.getKey().liesWithin())
                .map(Map.Entry::getValue))
        .flatMap(each -> each.shares().stream())
        .toList();
  }

  /** As weighed, else as such fabrics usually are. */
  GramsPerSquareMetre weight() {
    return ownWeight == null ? fabric.weight() : ownWeight;
  }

  /** As thick as its fabric usually is, in proportion to its weight (engineering estimate). */
  Millimetres thickness() {
    return Millimetres.of(fabric.thickness().count() * weight().count() / fabric.weight().count());
  }

  /**
   * How one of its fibres got its colour. What was told goes for each fibre that can have it; where
   * no fibre can, the worst that it can have is taken; where another one can, nothing is known of
   * this one.
   */
  public DyeKind dyeOf(Fibre fibre) {
    Depth depth = colour.depth();
    if (dye.dyes(fibre, depth)) {
      return dye;
    }
    return isDyeASlip() ? DyeKind.worstOf(fibre, depth) : DyeKind.UNKNOWN;
  }

  /** Whether none of its fibres can have got its colour so. */
  public boolean isDyeASlip() {
    return blend.shares().stream().noneMatch(share -> dye.dyes(share.fibre(), colour.depth()));
  }

  /** The largest of the fibres that the dye told cannot have coloured. */
  public Optional<Fibre> fibreOfAnotherDye() {
    return blend.shares().stream()
        .map(FibreShare::fibre)
        .filter(fibre -> !dye.dyes(fibre, colour.depth()))
        .filter(fibre -> isDyeASlip() || fibre.givesOffDye())
        .findFirst();
  }

  /** What a press of it says something of. */
  ClothKind clothKind() {
    return ClothKind.of(this);
  }

  /** The dye in it that heat turns to gas. */
  public WanderingDye wanderingDye() {
    return WanderingDye.of(this);
  }

  /** From a tenth of elastane, or where the knit is made to stretch. */
  boolean stretchesFar() {
    return fabric.is(Fabric.Trait.STRETCH) || blend.percent(Fibre.ELASTANE) >= 10;
  }
}
