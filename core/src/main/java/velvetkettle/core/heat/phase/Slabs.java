package velvetkettle.core.heat.phase;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.conduction.Cloth;
import velvetkettle.core.heat.conduction.Face;
import velvetkettle.core.heat.conduction.FibreMix;
import velvetkettle.core.heat.conduction.Sheet;
import velvetkettle.core.heat.conduction.Slab;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;

/**
 * What each layer of the Stack is to heat, at about 85 °C. Polymers: published polymer data, from
 * memory; papers, foams, hot melts and closest packings: engineering estimates.
 */
public final class Slabs {
  private static final double THICK = 1;

  /** How vapour passes, times still air: uncoated paper, tissue, felt (engineering estimates). */
  private static final double PAPER_SEEPS = 0.0025;

  private static final double TOWEL_SEEPS = 0.3;
  private static final double FELT_SEEPS = 0.7;

  /** Water in paper at 65 % relative humidity, kg/kg (common practice, no source). */
  private static final double PAPER_REGAIN = 0.06;

  /** What a cut stone fills of the cylinder round it (engineering estimate). */
  private static final double DOME = 0.6;

  private static final double KNIT_OR_WOVEN = 0.45;
  private static final double CALENDERED = 0.60;
  private static final double EMBROIDERED = 0.50;
  private static final double TERRY = 0.35;
  private static final double WADDING = 0.30;

  /** Shell, wadding and lining of a padded garment: g/m2 and mm of each. */
  private static final double SHELL_WEIGHT = 55;

  private static final double SHELL_THICKNESS = 0.10;

  private final Garment garment;
  private final ParameterSample draw;
  private final double stonesCover;
  private final Detail detail;

  /**
   * @param stonesCover what part of the area stones take, {@link Load}
   */
  Slabs(Garment garment, ParameterSample draw, double stonesCover, Detail detail) {
    this.detail = detail;
    this.stonesCover = stonesCover;
    this.garment = garment;
    this.draw = draw;
  }

  /**
   * From the outside of the garment inwards; none for what has no thickness of its own, such as
   * ink. A padded shell is three.
   */
  public List<Slab> of(Layer layer) {
    Substance substance = layer.substance();
    if (substance == null) {
      throw new IllegalArgumentException("what this layer is made of is not known: " + layer);
    }
    Millimetres known = layer.thickness();
    double mm = known == null ? 0 : known.count();
    return switch (substance) {
      case PTFE_SHEET -> cover("PTFE sheet", Face.FILM, mm, 0.25, 2100, 1050);
      case PARCHMENT -> cover("parchment", Face.PAPER, mm, 0.12, 800, 1450);
      case KRAFT -> paper("kraft paper", mm, 0.11, 750, PAPER_SEEPS);
      case PAPER_TOWEL -> paper("paper towel", mm, 0.06, 250, TOWEL_SEEPS);
      case CARRIER_FILM -> cover("carrier", Face.FILM, mm, 0.20, 1390, 1350);
      case TRANSFER_PAPER, SUBLIMATION_PAPER -> paper("paper", mm, 0.12, 850, PAPER_SEEPS);
      case POLYURETHANE -> film("film", mm, 0.20, 1150, 1900);
      case FLOCK -> film("flock", mm, 0.06, 300, 1400);
      case BLOCKER -> film("blocker", mm, 0.22, 1250, 1700);
      case HOT_MELT, PRINT_COATING -> film("glue", mm, 0.20, 1120, 2000);
      case SILICONE_FOAM -> List.of(pad("foam pad", Face.FOAM, mm, 0.09, 350, 1300));
      case RUBBER -> List.of(pad("rubber pad", Face.FOAM, mm, 0.22, 1200, 1400));
      case WOOL_MAT ->
          List.of(
              pad("wool mat", Face.FOAM, mm, 0.055, 250, 1500)
                  .breathing(FELT_SEEPS, FibreMix.of(Blend.of(Fibre.WOOL)).regain()));
      case REFLECTIVE_MAT -> List.of(pad("reflective mat", Face.FILM, mm, 0.045, 100, 1400));
      case TABLE_BOARD -> List.of(pad("table board", Face.HARD, 18, 0.15, 700, 1600));
      case COTTON_SHEET -> List.of(dryCotton("pressing cloth", 150, 0.62, KNIT_OR_WOVEN));
      case TOWEL -> List.of(dryCotton("folded towel", 800, 6.4, TERRY));
      case EMBROIDERY -> List.of(polyester("embroidery", 700, 1.80, EMBROIDERED));
      case STONE ->
          List.of(
              new Sheet("stone", Face.STONE, mm, DOME * 1.0, DOME * 2600, 750, detail.cover(), 1)
                  .covering(stonesCover));
      case STONE_GLUE ->
          List.of(
              new Sheet("stone glue", Face.FILM, mm, 0.22, 1050, 2000, detail.film(), 1)
                  .covering(stonesCover));
      case POLYESTER_PANEL -> List.of(polyester("panel", 110, 0.25, KNIT_OR_WOVEN));
      case GARMENT_CLOTH -> garmentCloth();
      case INK, ALUMINIUM -> List.of();
    };
  }

  private List<Slab> cover(
      String name, Face face, double mm, double k, double density, double heatCapacity) {
    return List.of(new Sheet(name, face, mm, k, density, heatCapacity, detail.cover(), 1));
  }

  private List<Slab> paper(String name, double mm, double k, double density, double seeps) {
    Sheet paper = new Sheet(name, Face.PAPER, mm, k, density, 1450, detail.cover(), 1);
    return List.of(paper.breathing(seeps, PAPER_REGAIN));
  }

  private List<Slab> film(String name, double mm, double k, double density, double heatCapacity) {
    return List.of(new Sheet(name, Face.FILM, mm, k, density, heatCapacity, detail.film(), 1));
  }

  private Sheet pad(
      String name, Face face, double mm, double k, double density, double heatCapacity) {
    return new Sheet(name, face, mm, k, density, heatCapacity, detail.pad(), detail.padGrading());
  }

  /** What lies in the press all day is dry after its first press. */
  private Slab dryCotton(String name, double weight, double thickness, double packing) {
    FibreMix cotton = FibreMix.of(Blend.of(Fibre.COTTON)).dry();
    return new Cloth(name, cotton, weight, thickness, packing, detail.cloth());
  }

  private Slab polyester(String name, double weight, double thickness, double packing) {
    FibreMix polyester = FibreMix.of(Blend.of(Fibre.POLYESTER));
    return new Cloth(name, polyester, weight, thickness, packing, detail.cloth());
  }

  private List<Slab> garmentCloth() {
    FibreMix own = FibreMix.of(garment.blend());
    Fabric fabric = garment.fabric();
    if (fabric == Fabric.PADDED_SHELL) {
      Slab shell = cloth("shell", own, SHELL_WEIGHT, SHELL_THICKNESS, CALENDERED);
      FibreMix polyester = FibreMix.of(Blend.of(Fibre.POLYESTER));
      double weight = garment.weight().count() - 2 * SHELL_WEIGHT;
      double thickness = garment.thickness().count() - SHELL_THICKNESS;
      Slab lining = cloth("lining", own, SHELL_WEIGHT, SHELL_THICKNESS, CALENDERED);
      return List.of(shell, cloth("wadding", polyester, weight, thickness, WADDING), lining);
    }
    double packing =
        switch (fabric) {
          case NYLON_SHELL -> CALENDERED;
          case TOWEL, VELVET, CORDUROY -> TERRY;
          case WOVEN_SATIN -> CALENDERED;
          default -> KNIT_OR_WOVEN;
        };
    double weight = garment.weight().count();
    return List.of(cloth("cloth", own, weight, garment.thickness().count(), packing));
  }

  private Cloth cloth(String name, FibreMix fibres, double weight, double mm, double packing) {
    int cells = mm > THICK ? detail.thickCloth() : detail.cloth();
    return new Cloth(
        name, fibres, weight, mm * draw.thickness(), packing, draw.conductivity(), cells);
  }

  /** The same seen from the other side. */
  public static List<Slab> turned(List<Slab> slabs) {
    List<Slab> turned = new ArrayList<>(slabs);
    Collections.reverse(turned);
    return turned;
  }
}
