package velvetkettle.core.heat;

import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.WanderingDye;

/**
 * How likely the cloth's own dye is to wander into what lies on it, by its share of fibres that
 * give theirs off, by depth and by hue [common practice, no source].
 */
public enum DyeRisk {
  NONE,
  /** Press cool, keep back, look again; a blocker is the safer way. */
  SLIGHT,
  /** What is plain and light is stained. */
  HIGH;

  /** From this share of polyester on dark and rich shades stain, %. */
  private static final double OUT = 75;

  /** From this one on the worst shades are told about, %. */
  static final double HALF = 50;

  /** From this one on all dark shades are, %. */
  private static final double TWO_THIRDS = 66;

  /** A print of gas ink may wander from any cloth that took it, %. */
  private static final double PRINTED = 20;

  public static DyeRisk of(Garment garment) {
    WanderingDye wandering = garment.wanderingDye();
    // Nobody knows what an unknown cloth gives off, nor that it gives off nothing.
    return garment.blend().unknownPercent() >= HALF ? SLIGHT : ofKnown(garment, wandering);
  }

  private static DyeRisk ofKnown(Garment garment, WanderingDye wandering) {
    double share = wandering.percent();
    DyeKind dye = wandering.dye();
    if (!dye.turnsToGas() || share <= 0) {
      return NONE;
    }
    if (dye == DyeKind.SUBLIMATED) {
      return share >= OUT ? HIGH : share >= PRINTED ? SLIGHT : NONE;
    }
    Depth depth = garment.colour().depth();
    boolean rich = isRich(depth, dye);
    if (share >= OUT) {
      return depth == Depth.WHITE ? NONE : rich ? HIGH : SLIGHT;
    }
    boolean worst = isWorst(depth, garment.colour().hue(), dye);
    boolean told = share >= TWO_THIRDS ? rich : share >= HALF && worst;
    return told ? SLIGHT : NONE;
  }

  /** Dark and medium shades; a fluorescent one moves easily however pale it looks. */
  private static boolean isRich(Depth depth, DyeKind dye) {
    return switch (depth) {
      case DARK, MEDIUM -> true;
      case LIGHT -> dye == DyeKind.FLUORESCENT;
      case WHITE -> false;
    };
  }

  /** Dark red, maroon, black, navy, and whatever shines. */
  private static boolean isWorst(Depth depth, Hue hue, DyeKind dye) {
    return dye == DyeKind.FLUORESCENT && depth != Depth.WHITE
        || switch (hue) {
          case NEUTRAL, BLUE, RED, PURPLE, BROWN -> depth == Depth.DARK;
          case ORANGE, YELLOW, GREEN -> false;
        };
  }
}
