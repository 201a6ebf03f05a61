package velvetkettle.core.heat.conduction;

import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;

/**
 * What the fibres of a cloth bring to heat, mixed by mass.
 *
 * <p>Sources, from memory: Morton &amp; Hearle for the densities, for the conductivity of polyester
 * and nylon, and for the regains; the other conductivities and some heat capacities are engineering
 * estimates at about 85 °C. Fibres without a row of their own take the nearest of their kind.
 *
 * @param conductivity of the fibre, W/mK
 * @param density of the fibre, kg/m3
 * @param heatCapacity of the dry fibre, J/kgK
 * @param regain at 65 % relative humidity and 20 °C, kg/kg
 */
public record FibreMix(double conductivity, double density, double heatCapacity, double regain) {
  private static final FibreMix COTTON = new FibreMix(0.46, 1520, 1400, 0.070);
  private static final FibreMix VISCOSE = new FibreMix(0.29, 1520, 1450, 0.125);
  private static final FibreMix WOOL = new FibreMix(0.19, 1310, 1500, 0.145);
  private static final FibreMix SILK = new FibreMix(0.20, 1340, 1500, 0.10);
  private static final FibreMix POLYESTER = new FibreMix(0.16, 1390, 1350, 0.004);
  private static final FibreMix NYLON = new FibreMix(0.25, 1140, 1700, 0.042);
  private static final FibreMix ACRYLIC = new FibreMix(0.20, 1180, 1500, 0.015);
  private static final FibreMix ELASTANE = new FibreMix(0.20, 1200, 1700, 0.013);
  private static final FibreMix POLYOLEFIN = new FibreMix(0.15, 910, 1900, 0);

  /** The same without any water in it. */
  public FibreMix dry() {
    return new FibreMix(conductivity, density, heatCapacity, 0);
  }

  /** Fibres the label does not account for are taken to be like those it does. */
  public static FibreMix of(Blend blend) {
    double known = 0;
    double conductivity = 0;
    double volume = 0;
    double heatCapacity = 0;
    double regain = 0;
    for (FibreShare share : blend.shares()) {
      FibreMix fibre = row(share.fibre());
      known += share.percent();
      conductivity += share.percent() * fibre.conductivity();
      volume += share.percent() / fibre.density();
      heatCapacity += share.percent() * fibre.heatCapacity();
      regain += share.percent() * fibre.regain();
    }
    return new FibreMix(conductivity / known, known / volume, heatCapacity / known, regain / known);
  }

  private static FibreMix row(Fibre fibre) {
    return switch (fibre) {
      case COTTON, LINEN, HEMP -> COTTON;
      case VISCOSE, MODAL, LYOCELL, UNKNOWN -> VISCOSE;
      case WOOL -> WOOL;
      case SILK -> SILK;
      case POLYESTER, POLYLACTIDE, CHLOROFIBRE, COATED_CLOTH, LEATHER -> POLYESTER;
      case POLYAMIDE_6, POLYAMIDE_66 -> NYLON;
      case ACRYLIC, MODACRYLIC, ACETATE, TRIACETATE -> ACRYLIC;
      case ELASTANE -> ELASTANE;
      case POLYPROPYLENE, POLYETHYLENE -> POLYOLEFIN;
    };
  }
}
