package velvetkettle.bench;

/**
 * Tridiagonal sweeps and nothing else: what any implicit solver of this size has to pay at least.
 */
final class BareSweeps {
  private final int nodes;
  private final double[] link;
  private final double[] held;
  private final double[] pivot;
  private final double[] right;
  private final double[] celsius;

  BareSweeps(int nodes) {
    this.nodes = nodes;
    link = new double[nodes];
    held = new double[nodes];
    pivot = new double[nodes];
    right = new double[nodes];
    celsius = new double[nodes];
    for (int i = 0; i < nodes; i++) {
      link[i] = 1000 + i;
      held[i] = 5000 + 10 * i;
      celsius[i] = 23;
    }
  }

  double[] run(int sweeps) {
    for (int n = 0; n < sweeps; n++) {
      sweep();
    }
    return celsius;
  }

  private void sweep() {
    for (int i = 0; i < nodes; i++) {
      pivot[i] = held[i] + (i > 0 ? link[i - 1] : 2000) + (i < nodes - 1 ? link[i] : 600);
      right[i] = held[i] * celsius[i];
    }
    right[0] += 2000 * 150;
    right[nodes - 1] += 600 * 30;
    double inverse = 1 / pivot[0];
    pivot[0] = inverse;
    for (int i = 1; i < nodes; i++) {
      double factor = link[i - 1] * inverse;
      right[i] += factor * right[i - 1];
      inverse = 1 / (pivot[i] - factor * link[i - 1]);
      pivot[i] = inverse;
    }
    double below = right[nodes - 1] * inverse;
    celsius[nodes - 1] = below;
    for (int i = nodes - 2; i >= 0; i--) {
      below = (right[i] + link[i] * below) * pivot[i];
      celsius[i] = below;
    }
  }
}
