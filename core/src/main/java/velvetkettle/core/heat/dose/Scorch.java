package velvetkettle.core.heat.dose;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;

/**
 * Yellowing of a fibre that does not melt; visible at a dose of 1. Engineering estimates.
 *
 * @param seconds it takes at the reference temperature
 */
public record Scorch(double seconds, double celsius, double activationJoules) {
  public static final Scorch COTTON = new Scorch(30, 215, 125_000);
  public static final Scorch VISCOSE = new Scorch(30, 205, 125_000);
  public static final Scorch WOOL = new Scorch(30, 180, 110_000);
  public static final Scorch SILK = new Scorch(30, 175, 110_000);

  /** Empty for fibres that stick or melt before they scorch. */
  public static Optional<Scorch> of(Fibre fibre) {
    return switch (fibre) {
      case COTTON, LINEN, HEMP -> Optional.of(COTTON);
      case VISCOSE, MODAL, LYOCELL -> Optional.of(VISCOSE);
      case WOOL -> Optional.of(WOOL);
      case SILK -> Optional.of(SILK);
      case POLYESTER,
          POLYAMIDE_6,
          POLYAMIDE_66,
          ELASTANE,
          ACRYLIC,
          MODACRYLIC,
          ACETATE,
          TRIACETATE,
          POLYPROPYLENE,
          POLYETHYLENE,
          POLYLACTIDE,
          CHLOROFIBRE,
          LEATHER,
          COATED_CLOTH,
          UNKNOWN ->
          Optional.empty();
    };
  }

  /** Dose per second at the hottest face. */
  public double rate(double faceCelsius) {
    return Arrhenius.speed(activationJoules, celsius, faceCelsius) / seconds;
  }
}
