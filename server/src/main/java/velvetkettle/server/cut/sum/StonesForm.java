package velvetkettle.server.cut.sum;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.stone.Pattern;
import velvetkettle.core.cut.stone.StoneTool;
import velvetkettle.core.press.StoneSize;

/**
 * Stones. Lengths in mm.
 *
 * @param layers one for each colour of the drawing that is laid; of letters and plain shapes the
 *     first counts
 * @param loss share that does not transfer, 0 to 0.5
 * @param uses how often the stencil is laid side by side
 * @param distance between two uses; below 0 they reach into each other
 * @param turned whether each second use is turned over
 * @param cloth colour that they lie on; null takes it from the garment
 */
public record StonesForm(
    @NotNull @Valid ShapeForm shape,
    @NotEmpty @Size(max = 20) List<@NotNull @Valid LayerForm> layers,
    double gap,
    @Min(0) @Max(1) double loss,
    @NotNull StoneTool tool,
    double clearance,
    @Min(20) @Max(2000) double sheetWidth,
    @Min(20) @Max(2000) double sheetHeight,
    @Min(1) @Max(20) int uses,
    @Min(-50) @Max(200) double distance,
    boolean turned,
    @Nullable @jakarta.validation.constraints.Pattern(regexp = COLOUR) String cloth) {
  static final String COLOUR = "#[0-9a-f]{6}";

  /**
   * Stones of one colour.
   *
   * @param art colour of the drawing that they take the place of; null for letters and plain shapes
   * @param direction where they get fewer, degrees from right over down
   * @param from share that is laid where that begins, 0 to 1
   * @param to share that is laid where it ends, 0 to 1
   */
  public record LayerForm(
      @Nullable @jakarta.validation.constraints.Pattern(regexp = COLOUR) String art,
      @NotNull Pattern pattern,
      @NotEmpty @Size(max = 4) List<@NotNull StoneSize> sizes,
      @NotNull @jakarta.validation.constraints.Pattern(regexp = COLOUR) String colour,
      double direction,
      double from,
      double to) {}

  static StonesForm usual(ShapeForm shape, List<LayerForm> layers) {
    return new StonesForm(
        shape, layers, 0.8, 0.05, StoneTool.STENCIL, 0.4, 200, 280, 1, 0, false, null);
  }

  static LayerForm layer(@Nullable String art, String colour) {
    return new LayerForm(art, Pattern.HEXAGONAL, List.of(StoneSize.SS10), colour, 0, 1, 1);
  }
}
