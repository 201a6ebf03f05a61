package velvetkettle.core.heat;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Cooling;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/**
 * What the heat computation says of a pressing beside its margins.
 *
 * @param stack the main press's, with the peak of each layer
 * @param glueLine at the end of the main press; the face of the print for ink that goes over as gas
 * @param giveOrTake how far that may be off, wide on purpose
 * @param bond times what the glue or the print needs
 * @param bondedAfter null where the bond is not made, or nothing is glued
 * @param slowed the layers above the glue that cost it time
 * @param peel when carrier or paper can come off on a table; null where there is none
 * @param steam water that leaves the cloth while the glue flows, g/m2
 */
public record HeatReading(
    Stack stack,
    Celsius glueLine,
    Kelvin giveOrTake,
    Times bond,
    @Nullable Seconds bondedAfter,
    List<Slowed> slowed,
    @Nullable Cooling peel,
    double steam) {
  public HeatReading {
    slowed = List.copyOf(slowed);
  }

  /** How much later the bond is made because a layer lies above the glue. */
  public record Slowed(Sentence layer, Seconds by) {}
}
