package velvetkettle.core.heat.band;

/**
 * How a value strays from the likeliest one: slope . z + z . bend . z, where z are independent
 * standard normal deviations.
 *
 * <p>The first three cumulants of a quadratic form in normal variables are sums over its
 * coefficients; from them the quantile of Cornish and Fisher's expansion up to skewness (both from
 * memory). It fails where the form is skewed so strongly that the expansion turns back, far outside
 * what a press does.
 */
final class Surface {
  /** How many standard deviations nine of ten stay within, on one side. */
  static final double NINE_OF_TEN = 1.2816;

  private final double mean;
  private final double deviation;
  private final double skewness;

  /**
   * @param bend symmetric
   */
  Surface(double[] slope, double[][] bend) {
    int n = slope.length;
    double first = 0;
    double second = 0;
    double third = 0;
    for (int i = 0; i < n; i++) {
      first += bend[i][i];
      second += slope[i] * slope[i];
      for (int j = 0; j < n; j++) {
        double ij = bend[i][j];
        if (ij != 0) {
          second += 2 * ij * ij;
          third += 6 * slope[i] * ij * slope[j];
          for (int k = 0; k < n; k++) {
            third += 8 * ij * bend[j][k] * bend[k][i];
          }
        }
      }
    }
    mean = first;
    deviation = Math.sqrt(second);
    skewness = second == 0 ? 0 : third / (second * deviation);
  }

  Band nineOfTen() {
    double shift = (NINE_OF_TEN * NINE_OF_TEN - 1) / 6 * skewness;
    return new Band(
        mean + deviation * (shift - NINE_OF_TEN), mean + deviation * (shift + NINE_OF_TEN));
  }
}
