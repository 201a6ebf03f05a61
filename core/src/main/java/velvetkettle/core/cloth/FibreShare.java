package velvetkettle.core.cloth;

/**
 * One line of a label.
 *
 * @param percent of the mass, above 0 and up to 100; outside it {@link IllegalArgumentException}
 */
public record FibreShare(Fibre fibre, double percent) {
  public FibreShare {
    if (!(percent > 0 && percent <= 100)) {
      throw new IllegalArgumentException(
          "share of " + fibre + " must be above 0 and up to 100 %: " + percent);
    }
  }
}
