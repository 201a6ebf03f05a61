package velvetkettle.server.cut.sum;

/** What is summed up. */
public enum SumKind {
  LABELS,
  PATCHES,
  STRIPS,
  SLITS,
  STONES,
  MOTIFS
}
