package velvetkettle.core.heat;

import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.quantity.Sentence;

/** How well glue wets the cloth; what the computation of the bond does not know. */
enum Wetting {
  WELL,
  /** A finish keeps glue off. */
  REPELLED,
  /** A shell that this glue is not made for. */
  SLIPPERY,
  /** Only the yarns between the holes carry. */
  OPEN;

  static Wetting of(Pressing pressing) {
    if (pressing.garment().finish().repelsAdhesive()
        && !pressing.medium().construction().dyesTheCloth()) {
      return REPELLED;
    }
    Fabric fabric = pressing.garment().fabric();
    boolean slick = fabric.is(Fabric.Trait.SHELL) || fabric.is(Fabric.Trait.LAMINATE);
    if (slick && !pressing.medium().construction().bondsToShell()) {
      return SLIPPERY;
    }
    boolean dyes = pressing.medium().construction().dyesTheCloth();
    return fabric.is(Fabric.Trait.OPEN) && !dyes ? OPEN : WELL;
  }

  /** Why a bond is doubtful; only where it is. */
  Sentence doubt(Pressing pressing) {
    return switch (this) {
      case REPELLED -> Sentence.of("hold.finish", pressing.garment().finish());
      case SLIPPERY -> Sentence.of("hold.shell");
      case OPEN -> Sentence.of("hold.open", pressing.garment().fabric());
      case WELL -> throw new IllegalStateException("nothing to doubt");
    };
  }
}
