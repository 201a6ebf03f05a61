package velvetkettle.core.heat.band;

/**
 * What nine of ten presses stay above, and what nine of ten stay below, counted from the likeliest
 * value.
 *
 * @param low rarely above 0
 * @param high rarely below 0
 */
public record Band(double low, double high) {
  /** As if everything were known. */
  public static final Band NONE = new Band(0, 0);
}
