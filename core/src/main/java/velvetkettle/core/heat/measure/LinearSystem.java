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
}
