package velvetkettle.server.cut.sum;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import org.jspecify.annotations.Nullable;

/**
 * What was typed for a sum: the part of its kind, and no other.
 *
 * @param version the version it was read at; 0 for a new one
 */
public record SumForm(
    @Nullable @Valid LabelsForm labels,
    @Nullable @Valid PatchesForm patches,
    @Nullable @Valid StripsForm strips,
    @Nullable @Valid SlitsForm slits,
    @Nullable @Valid StonesForm stones,
    @Nullable @Valid MotifsForm motifs,
    @Min(0) int version) {
  static SumForm of(LabelsForm labels) {
    return new SumForm(labels, null, null, null, null, null, 0);
  }

  static SumForm of(PatchesForm patches) {
    return new SumForm(null, patches, null, null, null, null, 0);
  }

  static SumForm of(StripsForm strips) {
    return new SumForm(null, null, strips, null, null, null, 0);
  }

  static SumForm of(SlitsForm slits) {
    return new SumForm(null, null, null, slits, null, null, 0);
  }

  static SumForm of(StonesForm stones) {
    return new SumForm(null, null, null, null, stones, null, 0);
  }

  static SumForm of(MotifsForm motifs) {
    return new SumForm(null, null, null, null, null, motifs, 0);
  }

  SumForm at(int other) {
    return new SumForm(labels, patches, strips, slits, stones, motifs, other);
  }
}
