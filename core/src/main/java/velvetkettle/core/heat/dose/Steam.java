package velvetkettle.core.heat.dose;

/**
 * Water that leaves the cloth while the glue already flows lifts the glue off again: this, not the
 * bond, is what skipping the pre-press on cotton costs. Engineering estimates.
 */
public final class Steam {
  /** From this glue line on leaving water counts, °C. */
  public static final double COUNTS_ABOVE = 110;

  /** More than this from the half of the cloth that the glue lies on is flagged, g/m2. */
  public static final double TOO_MUCH = 2;

  /** A pre-press goes on until no more than this would leave it, g/m2. */
  public static final double DRY_ENOUGH = 0.75;

  private Steam() {}
}
