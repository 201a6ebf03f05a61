package velvetkettle.core.heat.conduction;

/** How every cell is at a moment, and what has passed up to then. */
final class State {
  private final int[] cloth;

  /** °C. */
  final double[] t;

  /** Water that the fibres hold, kg per kg of dry cloth. */
  final double[] w;

  /** Vapour between the fibres, Pa. */
  final double[] p;

  /** Dose of the glue line, s. */
  double bond;

  /** Heat into the layers and out of them, J/m2. */
  double in;

  double out;

  /** Heat that drying took, and that vapour brought on its way, J/m2. */
  double spent;

  double carried;

  /** Water that left the stack, kg/m2. */
  double escaped;

  State(Column column) {
    cloth = column.cloth;
    t = new double[column.nodes];
    w = new double[column.nodes];
    p = new double[column.nodes];
  }

  void set(State other) {
    System.arraycopy(other.t, 0, t, 0, t.length);
    System.arraycopy(other.w, 0, w, 0, w.length);
    System.arraycopy(other.p, 0, p, 0, p.length);
    bond = other.bond;
    in = other.in;
    out = other.out;
    spent = other.spent;
    carried = other.carried;
    escaped = other.escaped;
  }

  void add(double times, State other) {
    for (int i = 0; i < t.length; i++) {
      t[i] += times * other.t[i];
    }
    for (int i : cloth) {
      w[i] += times * other.w[i];
      p[i] += times * other.p[i];
    }
    addSums(times, other);
  }

  void scale(double by) {
    for (int i = 0; i < t.length; i++) {
      t[i] *= by;
    }
    for (int i : cloth) {
      w[i] *= by;
      p[i] *= by;
    }
    scaleSums(by);
  }

  /** What has passed alone. */
  void addSums(double times, State other) {
    bond += times * other.bond;
    in += times * other.in;
    out += times * other.out;
    spent += times * other.spent;
    carried += times * other.carried;
    escaped += times * other.escaped;
  }

  void scaleSums(double by) {
    bond *= by;
    in *= by;
    out *= by;
    spent *= by;
    carried *= by;
    escaped *= by;
  }
}
