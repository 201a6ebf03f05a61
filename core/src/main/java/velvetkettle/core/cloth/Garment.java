package velvetkettle.core.cloth;

import static java.util.Objects.requireNonNull;

import java.util.EnumSet;
import java.util.Set;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Millimetres;

/**
 * One garment as it lies on the table. Immutable. What is asked of its cloth it answers itself.
 *
 * @param name what the maker calls it, 1 to 80 characters
 * @param obstacles near the place of the work
 * @param layout what was measured of it as it lies flat
 */
public record Garment(
    String name,
    GarmentKind kind,
    Size size,
    ClothSpec cloth,
    Set<Obstacle> obstacles,
    Layout layout) {
  /** As its kind usually lies. */
  public Garment(
      String name, GarmentKind kind, Size size, ClothSpec cloth, Set<Obstacle> obstacles) {
    this(name, kind, size, cloth, obstacles, Layout.USUAL);
  }

  public Garment {
    requireNonNull(cloth, "cloth");
    if (name.isBlank() || name.length() > 80) {
      throw new ImpossibleValueException("a garment's name has 1 to 80 characters");
    }
    // What was kept before garments were laid out has none.
    layout = layout == null ? Layout.USUAL : layout;
    obstacles = obstacles.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(obstacles));
  }

  /** The same cloth, whatever it is called and wherever its obstacles lie: all that heat asks. */
  public Garment asCloth() {
    return new Garment("cloth", kind, size, cloth, obstacles, Layout.USUAL);
  }

  /** The same of a cloth that weighs more or less. */
  public Garment weighing(GramsPerSquareMetre weight) {
    return new Garment(name, kind, size, cloth.weighing(weight), obstacles, layout);
  }

  public Blend blend() {
    return cloth.blend();
  }

  public Fabric fabric() {
    return cloth.fabric();
  }

  public Colour colour() {
    return cloth.colour();
  }

  public DyeKind dye() {
    return cloth.dye();
  }

  public Finish finish() {
    return cloth.finish();
  }

  public IronMark iron() {
    return cloth.iron();
  }

  /** Of its cloth, as weighed, else as such fabrics usually are. */
  public GramsPerSquareMetre weight() {
    return cloth.weight();
  }

  public Millimetres thickness() {
    return cloth.thickness();
  }

  public boolean stretchesFar() {
    return cloth.stretchesFar();
  }

  /** Dark or medium cloth hides a transparent ink or film. */
  public boolean hidesTransparent() {
    Depth depth = colour().depth();
    return depth == Depth.MEDIUM || depth == Depth.DARK;
  }

  public boolean forChildUnderThree() {
    return size == Size.BABY || size == Size.TODDLER;
  }
}
