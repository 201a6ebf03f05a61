package velvetkettle.core.shelf;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.SecondsRange;

/**
 * What the paper that came with a material says; null where it says nothing. It wins over common
 * practice, never over a fibre's limit nor a safety rule.
 *
 * @param steam whether it asks for steam (true) or forbids it (false)
 */
public record InstructionSheet(
    @Nullable CelsiusRange temperature,
    @Nullable SecondsRange time,
    @Nullable Pressure pressure,
    @Nullable Peel peel,
    @Nullable CoverSheet cover,
    @Nullable Boolean steam,
    @Nullable CutterSetting cutter) {
  public static final InstructionSheet SILENT =
      new InstructionSheet(null, null, null, null, null, null, null);

  public InstructionSheet(
      @Nullable CelsiusRange temperature,
      @Nullable SecondsRange time,
      @Nullable Pressure pressure,
      @Nullable Peel peel) {
    this(temperature, time, pressure, peel, null, null, null);
  }
}
