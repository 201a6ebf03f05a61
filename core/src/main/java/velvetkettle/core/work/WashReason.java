package velvetkettle.core.work;

/** Why a garment is washed before. */
public enum WashReason {
  SOFTENER,
  STONES,
  SHRINKS,
  ALWAYS
}
