package velvetkettle.core.heat.conduction;

import java.util.List;

/**
 * The cells of all layers as bare arrays, with one implicit Euler solve over them. Node 0 is the
 * platen where one stands above. Nothing is allocated in {@link #solve}.
 *
 * <p>Cost: one tridiagonal sweep, about ten operations a cell, and two table look-ups in each cell
 * of cloth.
 */
final class Column {
  final int nodes;

  /** Index of the first cell of each part, and one past the last at the end. */
  final int[] firstCell;

  private final Boundary top;
  private final Boundary bottom;
  private final Isotherm isotherm;

  private final double[] capacity;
  private final double[] thirsty;
  private final double[] regain;
  private final double[] half;
  private final double[] link;
  private double topLink;
  private double bottomLink;

  private final double[] diagonal;
  private final double[] right;
  private final double[] source;
  private final double[] slope;

  /** Heat of the last solve, J/m2: in through the top, stored in the layers, latent, out below. */
  double in;

  double stored;
  double latent;
  double out;

  Column(Phase phase, Isotherm isotherm) {
    this.isotherm = isotherm;
    top = phase.top();
    bottom = phase.bottom();
    int platen = top instanceof Boundary.Platen ? 1 : 0;
    List<Part> parts = phase.parts();
    firstCell = new int[parts.size() + 1];
    firstCell[0] = platen;
    for (int p = 0; p < parts.size(); p++) {
      firstCell[p + 1] = firstCell[p] + parts.get(p).slab().cells();
    }
    nodes = firstCell[parts.size()];
    capacity = new double[nodes];
    thirsty = new double[nodes];
    regain = new double[nodes];
    half = new double[nodes];
    link = new double[nodes];
    diagonal = new double[nodes];
    right = new double[nodes];
    source = new double[nodes];
    slope = new double[nodes];
    for (int p = 0; p < parts.size(); p++) {
      fill(parts.get(p).slab(), firstCell[p], phase.pressureKpa());
    }
    connect(phase);
  }

  private void fill(Slab slab, int first, double pressureKpa) {
    double thickness = slab.thicknessMetres(pressureKpa);
    double conductivity = slab.conductivity(pressureKpa);
    int cells = slab.cells();
    double grading = slab.grading();
    double share = grading == 1 ? 1.0 / cells : (grading - 1) / (Math.pow(grading, cells) - 1);
    for (int i = first; i < first + cells; i++) {
      capacity[i] = slab.arealHeatCapacity() * share;
      thirsty[i] = slab.thirstyMass() * share;
      regain[i] = slab.regain();
      half[i] = thickness * share / conductivity / 2;
      share *= grading;
    }
  }

  private void connect(Phase phase) {
    List<Part> parts = phase.parts();
    for (int p = 0; p < parts.size(); p++) {
      for (int i = firstCell[p]; i < firstCell[p + 1] - 1; i++) {
        link[i] = 1 / (half[i] + half[i + 1]);
      }
      if (p < parts.size() - 1) {
        touch(p, contact(phase, p));
      }
    }
    int first = firstCell[0];
    if (top instanceof Boundary.Platen platen) {
      capacity[0] = platen.heatCapacity();
      link[0] = behind(platen.contact(), half[first]);
    } else if (top instanceof Boundary.Held held) {
      topLink = behind(held.conductance(), half[first]);
    }
    if (bottom instanceof Boundary.Held held) {
      bottomLink = behind(held.conductance(), half[nodes - 1]);
    }
  }

  private static double behind(double conductance, double halfResistance) {
    return conductance == 0 ? 0 : 1 / (1 / conductance + halfResistance);
  }

  static double contact(Phase phase, int part) {
    Part above = phase.parts().get(part);
    Part below = phase.parts().get(part + 1);
    return above.laminated()
        ? Contact.LAMINATED
        : Contact.conductance(
            above.slab().face(), below.slab().face(), phase.pressureKpa(), phase.contactFactor());
  }

  /** Sets the contact below a part, W/m2K. */
  void touch(int part, double conductance) {
    int i = firstCell[part + 1] - 1;
    link[i] = 1 / (half[i] + 1 / conductance + half[i + 1]);
  }

  /** One step of implicit Euler, from the old state into the new one; the heat account with it. */
  void solve(double[] t0, double[] w0, double dt, double[] t1, double[] w1) {
    assemble(t0, w0, dt);
    eliminate(t1);
    dry(t0, w0, dt, t1, w1);
    account(t0, w0, dt, t1);
  }

  private void assemble(double[] t0, double[] w0, double dt) {
    for (int i = 0; i < nodes; i++) {
      double held = (capacity[i] + thirsty[i] * w0[i] * Moisture.WATER_HEAT_CAPACITY) / dt;
      diagonal[i] = held + (i > 0 ? link[i - 1] : 0) + (i < nodes - 1 ? link[i] : 0);
      right[i] = held * t0[i];
      source[i] = 0;
      slope[i] = 0;
      double above = thirsty[i] > 0 ? w0[i] - regain[i] * isotherm.at(t0[i]) : 0;
      if (above > 0) {
        double speed = thirsty[i] * Moisture.LATENT_HEAT / (Moisture.DRYING_SECONDS + dt);
        slope[i] = -speed * regain[i] * isotherm.slope(t0[i]);
        source[i] = speed * above - slope[i] * t0[i];
        diagonal[i] += slope[i];
        right[i] -= source[i];
      }
    }
    if (top instanceof Boundary.Platen platen) {
      heat(platen, t0[0]);
    } else if (top instanceof Boundary.Held held) {
      diagonal[0] += topLink;
      right[0] += topLink * held.celsius();
    }
    if (bottom instanceof Boundary.Held held) {
      diagonal[nodes - 1] += bottomLink;
      right[nodes - 1] += bottomLink * held.celsius();
    }
  }

  /**
   * The heater's line is steep only within its last two kelvin, so it is taken as it stands now.
   */
  private void heat(Boundary.Platen platen, double now) {
    double missing = platen.setCelsius() - now;
    if (missing >= Boundary.Platen.FULL_POWER_BELOW) {
      right[0] += platen.heaterWatts();
    } else if (missing > 0) {
      double perKelvin = platen.heaterWatts() / Boundary.Platen.FULL_POWER_BELOW;
      diagonal[0] += perKelvin;
      right[0] += perKelvin * platen.setCelsius();
    }
  }

  /** Thomas algorithm; the matrix is diagonally dominant, so it needs no pivots. */
  private void eliminate(double[] t1) {
    for (int i = 1; i < nodes; i++) {
      double factor = link[i - 1] / diagonal[i - 1];
      diagonal[i] -= factor * link[i - 1];
      right[i] += factor * right[i - 1];
    }
    t1[nodes - 1] = right[nodes - 1] / diagonal[nodes - 1];
    for (int i = nodes - 2; i >= 0; i--) {
      t1[i] = (right[i] + link[i] * t1[i + 1]) / diagonal[i];
    }
  }

  private void dry(double[] t0, double[] w0, double dt, double[] t1, double[] w1) {
    latent = 0;
    for (int i = 0; i < nodes; i++) {
      double flow = source[i] + slope[i] * t1[i];
      latent += flow * dt;
      w1[i] = thirsty[i] == 0 ? 0 : w0[i] - flow * dt / (thirsty[i] * Moisture.LATENT_HEAT);
    }
  }

  private void account(double[] t0, double[] w0, double dt, double[] t1) {
    int first = firstCell[0];
    stored = 0;
    for (int i = first; i < nodes; i++) {
      stored += (capacity[i] + thirsty[i] * w0[i] * Moisture.WATER_HEAT_CAPACITY) * (t1[i] - t0[i]);
    }
    in = 0;
    if (top instanceof Boundary.Platen) {
      in = link[0] * (t1[0] - t1[1]) * dt;
    } else if (top instanceof Boundary.Held held) {
      in = topLink * (held.celsius() - t1[0]) * dt;
    }
    out =
        bottom instanceof Boundary.Held held
            ? bottomLink * (t1[nodes - 1] - held.celsius()) * dt
            : 0;
  }

  /** Both faces of every part: upper, lower, upper, lower ... from the top down. */
  void faces(double[] t, double[] faces) {
    int parts = firstCell.length - 1;
    for (int p = 0; p < parts; p++) {
      int upper = firstCell[p];
      int lower = firstCell[p + 1] - 1;
      faces[2 * p] = t[upper] + flowInto(t, upper) * half[upper];
      faces[2 * p + 1] = t[lower] - flowOutOf(t, lower) * half[lower];
    }
  }

  private double flowInto(double[] t, int cell) {
    if (cell > 0) {
      return link[cell - 1] * (t[cell - 1] - t[cell]);
    }
    return top instanceof Boundary.Held held ? topLink * (held.celsius() - t[0]) : 0;
  }

  private double flowOutOf(double[] t, int cell) {
    if (cell < nodes - 1) {
      return link[cell] * (t[cell] - t[cell + 1]);
    }
    return bottom instanceof Boundary.Held held ? bottomLink * (t[cell] - held.celsius()) : 0;
  }

  double thirstyMass(int node) {
    return thirsty[node];
  }
}
