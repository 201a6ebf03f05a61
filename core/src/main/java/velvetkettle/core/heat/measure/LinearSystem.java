package velvetkettle.core.heat.measure;

/**
 * Small symmetric positive definite systems by Gauss's elimination; what was believed before keeps
 * them far from singular, so that no rows need be exchanged.
 */
final class LinearSystem {
  private LinearSystem() {}

  static double[] solve(double[][] matrix, double[] right) {
    int n = right.length;
    double[][] a = new double[n][];
    for (int i = 0; i < n; i++) {
      a[i] = matrix[i].clone();
    }
    double[] x = right.clone();
    for (int i = 0; i < n; i++) {
      for (int row = i + 1; row < n; row++) {
        double factor = a[row][i] / a[i][i];
        x[row] -= factor * x[i];
        for (int column = i; column < n; column++) {
          a[row][column] -= factor * a[i][column];
        }
      }
    }
    for (int i = n - 1; i >= 0; i--) {
      for (int column = i + 1; column < n; column++) {
        x[i] -= a[i][column] * x[column];
      }
      x[i] /= a[i][i];
    }
    return x;
  }

  static double[][] inverse(double[][] matrix) {
    int n = matrix.length;
    double[][] inverse = new double[n][];
    for (int i = 0; i < n; i++) {
      double[] unit = new double[n];
      unit[i] = 1;
      inverse[i] = solve(matrix, unit);
    }
    return inverse;
  }

  /** The lower triangle whose square a covariance is (Cholesky). */
  static double[][] root(double[][] covariance) {
    int n = covariance.length;
    double[][] root = new double[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j <= i; j++) {
        double sum = covariance[i][j];
        for (int k = 0; k < j; k++) {
          sum -= root[i][k] * root[j][k];
        }
        root[i][j] = i == j ? Math.sqrt(sum) : sum / root[j][j];
      }
    }
    return root;
  }

  /**
   * Values whose errors are those of the covariance, as ones whose errors are 1 and independent.
   */
  static double[] whitened(double[][] root, double[] values) {
    double[] white = values.clone();
    for (int i = 0; i < white.length; i++) {
      for (int j = 0; j < i; j++) {
        white[i] -= root[i][j] * white[j];
      }
      white[i] /= root[i][i];
    }
    return white;
  }
}
