package velvetkettle.core.cloth;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * One line of a label.
 *
 * @param percent of the mass, above 0 and up to 100; outside it {@link ImpossibleValueException}
 */
public record FibreShare(Fibre fibre, double percent) {
  /**
   * Below this share a fibre that only yellows or weakens is a caution, not a limit [common
   * practice, no source].
   */
  private static final double TRACE = 5;

  public FibreShare {
    if (!(percent > 0 && percent <= 100)) {
      throw new ImpossibleValueException(
          "share of " + fibre + " must be above 0 and up to 100 %: " + percent);
    }
  }

  /** Whether it is judged by, or only a trace. */
  public boolean counts() {
    return percent >= TRACE || fibre.damage().countsInAnyAmount();
  }
}
