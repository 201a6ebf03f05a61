package velvetkettle.server.cut.sum;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import velvetkettle.core.cut.strip.Corner;
import velvetkettle.core.cut.strip.StripMeasures;

/**
 * Strips of web round a print. Lengths in mm.
 *
 * @param panels 0 for one on each piece of the ticket
 * @param roll how wide the web is
 * @param seconds of one closing
 */
public record StripsForm(
    double width,
    double height,
    double border,
    double strip,
    double tolerance,
    @NotNull Corner corner,
    @Min(0) @Max(200) int panels,
    @Min(3) @Max(3000) double roll,
    @Min(1) @Max(600) double seconds) {
  static StripsForm usual(double width, double height) {
    StripMeasures usual = StripMeasures.USUAL;
    return new StripsForm(
        Math.max(20, Math.min(2000, width)),
        Math.max(20, Math.min(2000, height)),
        usual.border(),
        usual.strip(),
        usual.tolerance(),
        usual.corner(),
        0,
        300,
        10);
  }

  StripMeasures measures() {
    return new StripMeasures(width, height, border, strip, tolerance, corner);
  }
}
