package velvetkettle.core.heat.conduction;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a phase leaves.
 *
 * @param parts the layers as they are now
 * @param platenCelsius NaN where no platen stood above
 * @param bond the glue line with what it has now; null where there is none
 * @param waterLost by fibres and the pores between them, kg/m2
 * @param waterEscaped as vapour at the top and at the sides, kg/m2
 * @param trials steps that were tried, each of four solves
 */
public record ConductionResult(
    List<Part> parts,
    double platenCelsius,
    @Nullable GlueLine bond,
    Trace trace,
    Energy energy,
    double waterLost,
    double waterEscaped,
    int trials) {
  public ConductionResult {
    parts = List.copyOf(parts);
  }
}
