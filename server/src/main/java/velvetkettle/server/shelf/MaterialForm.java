package velvetkettle.server.shelf;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.CutterSetting;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;
import velvetkettle.core.shelf.Remnant;
import velvetkettle.server.problem.RefusedException;

/**
 * A material as the maker types it off its roll and its sheet; null where the sheet says nothing.
 * Temperatures in °C, times in s.
 *
 * @param rollWidth mm; 0 for sheets
 * @param left mm of a roll, or how many sheets
 * @param price of a metre, or of a sheet; null where none is kept
 * @param version 0 for a new one
 */
public record MaterialForm(
    @NotBlank @Size(max = 60) String name,
    @NotBlank @Size(max = 40) String medium,
    @NotBlank @Size(max = 40) String colour,
    @NotNull Depth depth,
    @Nullable @Min(60) @Max(230) Double coolest,
    @Nullable @Min(60) @Max(230) Double hottest,
    @Nullable @Min(1) @Max(600) Double shortest,
    @Nullable @Min(1) @Max(600) Double longest,
    @Nullable Pressure pressure,
    @Nullable Peel peel,
    @Nullable CoverSheet cover,
    @Nullable Boolean steam,
    @Nullable @Min(1) @Max(5000) Integer cutterForce,
    @Nullable @Min(1) @Max(100) Integer cutterDepth,
    @Nullable @Min(1) @Max(2000) Integer cutterSpeed,
    @Nullable @Min(1) @Max(10) Integer cutterPasses,
    @Nullable @Size(max = 40) String blade,
    @Min(0) @Max(3000) int rollWidth,
    @Min(0) @Max(1_000_000) int left,
    @Nullable @Min(0) @Max(100_000) Double price,
    @Min(0) int version) {
  /** The material, with the remnants that lie there already. */
  Material material(MediaCatalogue media, List<Remnant> remnants) {
    if (media.find(medium).isEmpty()) {
      throw new RefusedException("medium", Sentence.of("shelf.unknown-medium", medium));
    }
    return new Material(name, medium, colour, depth, sheet(), rollWidth, left, remnants, price);
  }

  private InstructionSheet sheet() {
    return new InstructionSheet(
        whole("coolest", coolest, hottest) ? CelsiusRange.of(at(coolest), at(hottest)) : null,
        whole("shortest", shortest, longest) ? SecondsRange.of(at(shortest), at(longest)) : null,
        pressure,
        peel,
        cover,
        steam,
        cutter());
  }

  private @Nullable CutterSetting cutter() {
    String named = blade == null || blade.isBlank() ? null : blade;
    boolean silent =
        Stream.of(cutterForce, cutterDepth, cutterSpeed, cutterPasses, named)
            .allMatch(Objects::isNull);
    return silent
        ? null
        : new CutterSetting(cutterForce, cutterDepth, cutterSpeed, cutterPasses, named);
  }

  /** Whether a range is there; half of one, or one upside down, is refused. */
  private static boolean whole(String field, @Nullable Double low, @Nullable Double high) {
    if (low == null && high == null) {
      return false;
    }
    if (low == null || high == null) {
      throw new RefusedException(field, Sentence.of("shelf.half-a-range." + field));
    }
    if (low > high) {
      throw new RefusedException(field, Sentence.of("shelf.range-upside-down." + field));
    }
    return true;
  }

  private static double at(@Nullable Double value) {
    return value == null ? Double.NaN : value;
  }
}
