package velvetkettle.server.cut.sum;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import velvetkettle.core.cut.slit.SlitMeasures;

/**
 * Slits over a panel. Lengths in mm.
 *
 * @param stretch how far it is stretched when worn, %
 * @param gives how far its cloth stretches, %
 * @param inside how wide the garment is there, lying flat
 * @param paper of the chalk template
 */
public record SlitsForm(
    double width,
    double height,
    double pitch,
    double margin,
    double length,
    double bridge,
    boolean offset,
    double stretch,
    @Min(0) @Max(200) double gives,
    @Min(20) @Max(3000) double inside,
    @NotNull @Valid PageForm paper) {
  static SlitsForm usual(double width, double height) {
    SlitMeasures usual = SlitMeasures.USUAL;
    double wide = Math.max(60, Math.min(2000, width));
    double high = Math.max(60, Math.min(2000, height));
    return new SlitsForm(
        wide,
        high,
        usual.pitch(),
        usual.margin(),
        Math.min(usual.length(), high - 2 * usual.margin()),
        usual.bridge(),
        usual.offset(),
        usual.stretch(),
        20,
        wide + 200,
        PageForm.A4);
  }

  SlitMeasures measures() {
    return new SlitMeasures(width, height, pitch, margin, length, bridge, offset, stretch);
  }
}
