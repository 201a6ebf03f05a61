package velvetkettle.core.heat;

import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;

/**
 * How likely the cloth's own dye is to wander into what lies on it [common practice, no source].
 */
public enum DyeRisk {
  NONE,
  SLIGHT,
  HIGH;

  /** The risk starts at about 70 to 80 % polyester. */
  public static final double POLYESTER_SHARE = 70;

  public static DyeRisk of(Garment garment) {
    double polyester = garment.blend().percent(Fibre.POLYESTER);
    if (polyester < POLYESTER_SHARE || !garment.dye().migratesFromPolyester()) {
      return NONE;
    }
    if (garment.dye() == DyeKind.SUBLIMATED) {
      return HIGH;
    }
    Depth depth = garment.colour().depth();
    return switch (depth) {
      case WHITE -> NONE;
      case LIGHT -> SLIGHT;
      case MEDIUM, DARK -> HIGH;
    };
  }
}
