package velvetkettle.server.cut.sum;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import velvetkettle.core.cut.motif.Figure;
import velvetkettle.core.cut.motif.MotifLine;
import velvetkettle.core.cut.motif.Part;

/**
 * Motifs from a bought sheet. Lengths in mm.
 *
 * @param line how wide the neckline or hem is
 * @param depth how far a neckline hangs down; 0 for a hem
 * @param count 0 for as many as fit
 * @param alternate whether each second one is laid the other way round
 */
public record MotifsForm(
    double line,
    double depth,
    @NotNull @Size(max = 40) String name,
    double width,
    double height,
    @Min(1) @Max(200) int onSheet,
    @NotNull Part part,
    @Min(0) @Max(500) int count,
    double gap,
    boolean alternate) {
  static MotifsForm usual(double line) {
    return new MotifsForm(
        Math.max(20, Math.min(3000, line)), 0, "shell", 40, 30, 6, Part.WHOLE, 0, 10, false);
  }

  MotifLine path() {
    return new MotifLine(line, depth);
  }

  Figure figure() {
    return new Figure(name, width, height, onSheet);
  }
}
