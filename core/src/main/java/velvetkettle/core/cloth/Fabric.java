package velvetkettle.core.cloth;

import static velvetkettle.core.cloth.Fabric.Trait.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/**
 * Kinds of fabric with what they usually weigh, from and to what they occur [common practice, no
 * source], and a thickness under light pressure (1 kPa), engineering estimates where not weighed.
 */
public enum Fabric implements Worded {
  JERSEY(150, 120, 260, 0.62),
  RIB(220, 180, 350, 0.95, UNEVEN, LOOSE),
  INTERLOCK(150, 120, 260, 0.60),
  PIQUE(200, 180, 260, 0.80, UNEVEN),
  WAFFLE(230, 160, 350, 1.40, UNEVEN, LOOSE),
  FLEECE(280, 220, 450, 1.90, UNEVEN),
  FELT(250, 180, 600, 1.30, UNEVEN),
  TWILL(250, 180, 500, 0.55, FRAYS),
  CANVAS(340, 180, 500, 0.70, FRAYS),
  CORDUROY(300, 200, 450, 1.50, UNEVEN, PILE, FRAYS),
  VELVET(320, 200, 450, 2.20, UNEVEN, PILE, FRAYS),
  WOOL_COATING(450, 300, 700, 2.00, UNEVEN, FRAYS),
  WOVEN_SHIRTING(110, 30, 180, 0.25, FRAYS),
  WOVEN_SATIN(120, 60, 200, 0.22, FRAYS),
  STRETCH_WOVEN(220, 120, 350, 0.45, STRETCH, FRAYS),
  NYLON_SHELL(55, 40, 120, 0.10, SHELL, FRAYS),
  PADDED_SHELL(210, 150, 400, 6.10, UNEVEN, SHELL, FRAYS),
  SOFTSHELL(320, 250, 400, 0.90, LAMINATE),
  SATIN_RIBBON(120, 90, 180, 0.25, TAPE, FRAYS),
  TWILL_TAPE(200, 150, 300, 0.50, TAPE, FRAYS),
  ELASTANE_KNIT(200, 150, 300, 0.60, STRETCH),
  TOWEL(400, 300, 600, 3.20, UNEVEN, LOOPS, LOOSE),
  MESH(130, 60, 180, 0.60, 0.65, UNEVEN, OPEN),
  LACE(80, 30, 160, 0.40, 0.45, UNEVEN, OPEN);

  /** What there is to a fabric besides its fibres. */
  public enum Trait {
    /** Pile, ribs, holes or padding: needs firmer contact and longer drying than a flat cloth. */
    UNEVEN,
    /** Stands up, and is crushed by any bare or firm press. */
    PILE,
    /** Pushes through what is thin. */
    LOOPS,
    /** Holes between the yarns: glue goes through, and only the yarns carry. */
    OPEN,
    /** Dense and slick: hardly wetted by everyday glue. */
    SHELL,
    /** A membrane between two faces, which bears little heat and repels water. */
    LAMINATE,
    /** Gives far more than a plain cloth. */
    STRETCH,
    /** Woven so narrow that a primer may discolour it. */
    TAPE,
    /** Shrinks at its first wash where it is of plant fibre. */
    LOOSE,
    /** Its threads come out of a cut edge. */
    FRAYS
  }

  /** Laminates are pressed at 130 to 140 °C [common practice, no source]: safe 15 K below this. */
  static final Celsius MEMBRANE = Celsius.of(155);

  private final GramsPerSquareMetre weight;
  private final GramsPerSquareMetre least;
  private final GramsPerSquareMetre most;
  private final Millimetres thickness;
  private final double covered;
  private final Set<Trait> traits;

  /** That has no holes to speak of. */
  Fabric(double weight, double least, double most, double thickness, Trait... traits) {
    this(weight, least, most, thickness, 1, traits);
  }

  Fabric(
      double weight, double least, double most, double thickness, double covered, Trait... traits) {
    this.weight = GramsPerSquareMetre.of(weight);
    this.least = GramsPerSquareMetre.of(least);
    this.most = GramsPerSquareMetre.of(most);
    this.thickness = Millimetres.of(thickness);
    this.covered = covered;
    this.traits = traits.length == 0 ? Set.of() : EnumSet.copyOf(List.of(traits));
  }

  public GramsPerSquareMetre weight() {
    return weight;
  }

  /** The lightest that is believed: four fifths of the lightest that is usual, g/m². */
  public double lightest() {
    return Math.min(0.6 * weight.count(), 0.8 * least.count());
  }

  /** The heaviest that is believed: half as much again as the heaviest that is usual, g/m². */
  public double heaviest() {
    return Math.max(3 * weight.count(), 1.5 * most.count());
  }

  public Millimetres thickness() {
    return thickness;
  }

  /** What part of its area is yarn, which alone carries glue (engineering estimates). */
  public double covered() {
    return covered;
  }

  public boolean is(Trait trait) {
    return traits.contains(trait);
  }

  @Override
  public String vocabulary() {
    return "fabric";
  }
}
