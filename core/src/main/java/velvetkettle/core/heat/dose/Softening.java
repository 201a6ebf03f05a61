package velvetkettle.core.heat.dose;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.HeatDamage;
import velvetkettle.core.quantity.Celsius;

/**
 * Where a fibre sticks to the platen or to itself, weakens, shrinks or melts: not a dose but a line
 * that is not to be crossed. Limits: {@link Fibre#limit}. A fibre that yellows has no such line; it
 * has a {@link Scorch} dose.
 */
public final class Softening {
  private Softening() {}

  public static Optional<Celsius> of(Fibre fibre) {
    return fibre.damage() == HeatDamage.YELLOWS ? Optional.empty() : Optional.of(fibre.limit());
  }
}
