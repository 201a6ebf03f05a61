package velvetkettle.core.shelf;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Peel;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.SecondsRange;

/**
 * What the paper that came with a material says; null where it says nothing. It wins over common
 * practice, never over a fibre.
 */
public record InstructionSheet(
    @Nullable CelsiusRange temperature,
    @Nullable SecondsRange time,
    @Nullable Pressure pressure,
    @Nullable Peel peel) {
  public static final InstructionSheet SILENT = new InstructionSheet(null, null, null, null);
}
