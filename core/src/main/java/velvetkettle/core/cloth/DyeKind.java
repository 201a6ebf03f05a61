package velvetkettle.core.cloth;

import static velvetkettle.core.cloth.Fibre.*;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Stream;
import velvetkettle.core.quantity.Worded;

/**
 * How the cloth got its colour, which decides whether that colour wanders when hot, and which
 * fibres can have got it so [textile chemistry handbooks, e.g. Aspland, Trotman; from memory].
 */
public enum DyeKind implements Worded {
  UNDYED(EnumSet.allOf(Fibre.class)),
  /** With direct, vat and sulphur dyes, which are of the same fibres and stay as well. */
  REACTIVE(EnumSet.of(COTTON, LINEN, HEMP, VISCOSE, MODAL, LYOCELL, WOOL, SILK)),
  ACID(EnumSet.of(WOOL, SILK, POLYAMIDE_6, POLYAMIDE_66, ELASTANE, LEATHER)),
  BASIC(EnumSet.of(ACRYLIC, MODACRYLIC)),
  PIGMENT(EnumSet.of(COTTON, LINEN, HEMP, VISCOSE, MODAL, LYOCELL, POLYESTER)),
  FLUORESCENT(EnumSet.of(POLYESTER, POLYAMIDE_6, POLYAMIDE_66, ACRYLIC, ELASTANE)),
  DISPERSE(EnumSet.of(POLYESTER, POLYLACTIDE, ACETATE, TRIACETATE, ELASTANE)),
  SUBLIMATED(EnumSet.of(POLYESTER, ELASTANE)),
  SOLUTION_DYED(
      EnumSet.of(
          POLYESTER, POLYAMIDE_6, POLYAMIDE_66, ACRYLIC, MODACRYLIC, POLYPROPYLENE, POLYETHYLENE)),
  UNKNOWN(EnumSet.allOf(Fibre.class));

  /** Fibres that take disperse dye in pale shades only. */
  private static final Set<Fibre> PALE = EnumSet.of(POLYAMIDE_6, POLYAMIDE_66, ACRYLIC, MODACRYLIC);

  /** Of which no dye is told here: whatever their colour is, it may be any. */
  private static final Set<Fibre> ANY = EnumSet.of(CHLOROFIBRE, COATED_CLOTH, Fibre.UNKNOWN);

  private final Set<Fibre> fibres;

  DyeKind(Set<Fibre> fibres) {
    this.fibres = fibres;
  }

  /** Whether a fibre of such a shade can have got its colour so. */
  public boolean dyes(Fibre fibre, Depth depth) {
    boolean pale = this == DISPERSE && PALE.contains(fibre);
    return fibres.contains(fibre)
        || ANY.contains(fibre)
        || pale && (depth == Depth.WHITE || depth == Depth.LIGHT);
  }

  /** Of those that a fibre can have, the one whose colour wanders farthest. */
  static DyeKind worstOf(Fibre fibre, Depth depth) {
    return Stream.of(SUBLIMATED, FLUORESCENT, DISPERSE, SOLUTION_DYED, ACID, BASIC, REACTIVE)
        .filter(dye -> dye.dyes(fibre, depth))
        .findFirst()
        .orElse(UNKNOWN);
  }

  /** Those that wander farther come first. */
  static Comparator<DyeKind> farthest() {
    return Comparator.comparing(dye -> dye == SUBLIMATED ? 0 : dye.turnsToGas() ? 1 : 2);
  }

  /**
   * Whether heat turns it into gas; an unknown dye is treated as disperse [common practice, no
   * source].
   */
  public boolean turnsToGas() {
    return switch (this) {
      case FLUORESCENT, DISPERSE, SUBLIMATED, UNKNOWN -> true;
      case UNDYED, REACTIVE, ACID, BASIC, PIGMENT, SOLUTION_DYED -> false;
    };
  }

  @Override
  public String vocabulary() {
    return "dye";
  }
}
