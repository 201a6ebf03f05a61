package velvetkettle.core.heat.conduction;

/**
 * What is written down of a moment: bond, platen, faces, waters in one row. What lies between two
 * of them is read from the parabola through both that leaves the earlier one as fast as the step
 * itself began, without what thin layers settle within milliseconds.
 */
final class Moment {
  private static final int BOND = 0;
  private static final int PLATEN = 1;
  private static final int FIRST = 2;

  private final double[] now;
  private final double[] celsius;
  private final double[] water;

  Moment(Column column) {
    int parts = column.firstCell.length - 1;
    celsius = new double[2 * parts];
    water = new double[2 * parts];
    now = new double[FIRST + 4 * parts];
  }

  /**
   * @param in heat into the layers, W/m2
   * @param out heat out of them
   */
  void set(Column column, State y, double in, double out) {
    column.faces(y.t, in, out, celsius);
    column.water(y.w, water);
    System.arraycopy(celsius, 0, now, FIRST, celsius.length);
    System.arraycopy(water, 0, now, FIRST + celsius.length, water.length);
    now[BOND] = y.bond;
    now[PLATEN] = column.platenAbove ? y.t[0] : Double.NaN;
  }

  void write(Trace trace, double second) {
    trace.add(second, now, FIRST, BOND, PLATEN);
  }

  /**
   * Writes down what lies between an earlier moment and this one.
   *
   * @param share of the way from there to here
   * @param slope how the step from there began, times its length
   * @param row to work in
   */
  void write(Trace trace, double second, Moment before, Moment slope, double share, double[] row) {
    double squared = share * share;
    double straight = share - squared;
    for (int i = 0; i < row.length; i++) {
      row[i] = before.now[i] + squared * (now[i] - before.now[i]) + straight * slope.now[i];
    }
    trace.add(second, row, FIRST, BOND, PLATEN);
  }

  int size() {
    return now.length;
  }
}
