package velvetkettle.core.heat.dose;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.quantity.Celsius;

/**
 * Where a bare platen or a film flattens a fibre so that it shines. A warning only: sublimation
 * passes it by tens of kelvin and is normal practice. Engineering estimates.
 */
public final class Shine {
  private Shine() {}

  /** Empty for fibres that a press does not flatten for good. */
  public static Optional<Celsius> onset(Fibre fibre) {
    return switch (fibre) {
      case POLYESTER -> Optional.of(Celsius.of(160));
      case POLYAMIDE_6, POLYAMIDE_66 -> Optional.of(Celsius.of(150));
      case ELASTANE -> Optional.of(Celsius.of(170));
      case ACRYLIC, MODACRYLIC, UNKNOWN -> Optional.of(Celsius.of(140));
      case POLYPROPYLENE -> Optional.of(Celsius.of(110));
      case COTTON,
          LINEN,
          HEMP,
          VISCOSE,
          MODAL,
          LYOCELL,
          WOOL,
          SILK,
          ACETATE,
          TRIACETATE,
          POLYETHYLENE,
          POLYLACTIDE,
          CHLOROFIBRE,
          LEATHER,
          COATED_CLOTH ->
          Optional.empty();
    };
  }
}
