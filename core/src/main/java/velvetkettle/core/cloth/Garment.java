package velvetkettle.core.cloth;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Millimetres;

/**
 * One garment as it lies on the table. Immutable. What is asked of its cloth it answers itself.
 *
 * @param name what the maker calls it, 1 to 80 characters
 * @param obstacles near the place of the work
 * @param layout what was measured of it as it lies flat
 * @param uses what the finished piece is for; empty where nothing is said
 */
public record Garment(
    String name,
    GarmentKind kind,
    Size size,
    ClothSpec cloth,
    Set<Obstacle> obstacles,
    Layout layout,
    Set<EndUse> uses) {
  /** Farther than any garment reaches, mm. */
  private static final double EVERYWHERE = 2000;

  /** For everyday wear. */
  public Garment(
      String name,
      GarmentKind kind,
      Size size,
      ClothSpec cloth,
      Set<Obstacle> obstacles,
      Layout layout) {
    this(name, kind, size, cloth, obstacles, layout, Set.of());
  }

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
    // What was kept before it was asked what a piece is for says nothing of it.
    uses = uses == null || uses.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(uses));
    obstacles = obstacles.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(obstacles));
  }

  /** The same cloth, whatever it is called and wherever its obstacles lie: all that heat asks. */
  public Garment asCloth() {
    return new Garment("cloth", kind, size, cloth, obstacles, Layout.USUAL);
  }

  /** The same where no pocket lies under the work. */
  public Garment besideItsPocket() {
    Set<Obstacle> others = EnumSet.noneOf(Obstacle.class);
    others.addAll(obstacles);
    others.remove(Obstacle.POCKET);
    return new Garment(name, kind, size, cloth, others, layout, uses);
  }

  /** The same with a pocket under all of a face. */
  public Garment onItsPocket(GarmentFace face) {
    Area all = new Area(-EVERYWHERE, -EVERYWHERE, 2 * EVERYWHERE, 2 * EVERYWHERE);
    PlacedObstacle pocket = new PlacedObstacle(Obstacle.POCKET, face, all);
    Layout under = new Layout(layout.width(), layout.length(), List.of(pocket));
    return new Garment(name, kind, size, cloth, obstacles, under, uses);
  }

  /** The same of a cloth that weighs more or less. */
  public Garment weighing(GramsPerSquareMetre weight) {
    return new Garment(name, kind, size, cloth.weighing(weight), obstacles, layout, uses);
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

  /** The dye in its cloth that heat turns to gas. */
  public WanderingDye wanderingDye() {
    return cloth.wanderingDye();
  }

  /** What a press of its cloth says something of. */
  public ClothKind clothKind() {
    return cloth.clothKind();
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

  /** Dense, laminated or made to repel water: everyday glue hardly wets it. */
  public boolean isSlick() {
    return finish() == Finish.WATER_REPELLENT
        || finish() == Finish.SILICONE
        || fabric().is(Fabric.Trait.SHELL)
        || fabric().is(Fabric.Trait.LAMINATE);
  }

  /** Whether glue is squeezed out beside what lies on it, and wants something to soak it up. */
  public boolean isNylon() {
    return blend().percent(Fibre.POLYAMIDE_6) + blend().percent(Fibre.POLYAMIDE_66) >= 50;
  }

  /** Whether a bare platen may leave a shine on it, stick to it or take its stretch. */
  public boolean isMarkedBare() {
    return hasOldPrint() || suffersBare();
  }

  /** Whether its cloth does, whatever is on it already. */
  public boolean suffersBare() {
    return pressedFibres().stream()
        .anyMatch(fibre -> fibre.damage() != HeatDamage.YELLOWS || fibre == Fibre.SILK);
  }

  /** A print that is there already softens, and sticks to what is hot. */
  public boolean hasOldPrint() {
    return obstacles.contains(Obstacle.OLD_PRINT);
  }

  /** The same where another part of it is worked on, of what its label says of that. */
  public Garment at(GarmentPart part) {
    return new Garment(name, kind, size, cloth.at(part), obstacles, layout, uses);
  }

  /**
   * The same with a piece of other cloth on it or in it, which gets as hot.
   *
   * @param printed whether there is a print on that
   */
  public Garment carrying(Blend piece, boolean printed) {
    Set<Obstacle> more = EnumSet.noneOf(Obstacle.class);
    more.addAll(obstacles);
    if (printed) {
      more.add(Obstacle.OLD_PRINT);
    }
    ClothSpec both = cloth.with(GarmentPart.PIECE, piece);
    return new Garment(name, kind, size, both, more, layout, uses);
  }

  /** Whether there is a piece of other cloth on it whose fibres are known. */
  public boolean carriesPiece() {
    return cloth.parts().containsKey(GarmentPart.PIECE);
  }

  /**
   * The fibres that heat is judged by: of its cloth, of a lining within and of a piece that it
   * carries, but for traces.
   */
  public List<Fibre> pressedFibres() {
    return cloth.pressed().stream()
        .filter(FibreShare::counts)
        .map(FibreShare::fibre)
        .distinct()
        .toList();
  }

  /** Of those the one whose damage comes first. */
  public Fibre weakest() {
    return pressedFibres().stream()
        .min(Comparator.comparing(Fibre::limit))
        .orElse(blend().mainFibre());
  }

  /** The cloth temperature at which its damage begins: of its weakest fibre, or of its membrane. */
  public Celsius bears() {
    Celsius fibre = weakest().limit();
    return fabric().is(Fabric.Trait.LAMINATE) && fibre.compareTo(Fabric.MEMBRANE) > 0
        ? Fabric.MEMBRANE
        : fibre;
  }

  public boolean forChildUnderThree() {
    return size == Size.BABY || size == Size.TODDLER || uses.contains(EndUse.SMALL_CHILDREN);
  }
}
