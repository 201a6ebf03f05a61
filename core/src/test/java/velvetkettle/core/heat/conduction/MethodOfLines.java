package velvetkettle.core.heat.conduction;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;

/**
 * The same equations of a dry phase, put together anew and handed to a general solver: the state is
 * the temperature of each cell, the platen's if there is one, and the bond dose at the end.
 */
public final class MethodOfLines implements OrdinaryDifferentialEquation {
  private final Phase phase;
  private final int cells;
  private final double[] capacity;
  private final double[] resistance;
  private final double[] start;

  /** Resistance between cell i and the next, without the contact that wets as the bond comes. */
  private final double[] between;

  private int glueCell = -1;

  public MethodOfLines(Phase phase) {
    this.phase = phase;
    cells = phase.parts().stream().mapToInt(part -> part.slab().cells()).sum();
    capacity = new double[cells];
    resistance = new double[cells];
    between = new double[cells];
    start = new double[cells + 2];
    int cell = 0;
    for (int p = 0; p < phase.parts().size(); p++) {
      Part part = phase.parts().get(p);
      double[] shares = shares(part.slab());
      for (int i = 0; i < shares.length; i++) {
        capacity[cell] = part.slab().arealHeatCapacity() * shares[i];
        resistance[cell] =
            part.slab().thicknessMetres(phase.pressureKpa())
                * shares[i]
                / part.slab().conductivity(phase.pressureKpa());
        start[cell] = part.state().celsius()[i];
        cell++;
      }
      if (p < phase.parts().size() - 1) {
        GlueLine line = phase.bond();
        if (line != null && line.below() == p) {
          glueCell = cell - 1;
        } else {
          between[cell - 1] = 1 / contact(p);
        }
      }
    }
    start[cells] = phase.top() instanceof Boundary.Platen platen ? platen.nowCelsius() : 0;
  }

  private static double[] shares(Slab slab) {
    double[] shares = new double[slab.cells()];
    double sum = 0;
    for (int i = 0; i < shares.length; i++) {
      shares[i] = Math.pow(slab.grading(), i);
      sum += shares[i];
    }
    for (int i = 0; i < shares.length; i++) {
      shares[i] /= sum;
    }
    return shares;
  }

  private double contact(int part) {
    Part above = phase.parts().get(part);
    Part below = phase.parts().get(part + 1);
    return above.laminated()
        ? Contact.LAMINATED
        : Contact.conductance(
            above.slab().face(), below.slab().face(), phase.pressureKpa(), phase.contactFactor());
  }

  /** Temperature of each cell after a time. */
  public double[] after(double seconds, double tolerance) {
    DormandPrince853Integrator solver =
        new DormandPrince853Integrator(1e-9, 1, tolerance, tolerance);
    double[] end = solver.integrate(this, new ODEState(0, start), seconds).getPrimaryState();
    double[] celsius = new double[cells];
    System.arraycopy(end, 0, celsius, 0, cells);
    return celsius;
  }

  @Override
  public int getDimension() {
    return cells + 2;
  }

  @Override
  public double[] computeDerivatives(double time, double[] y) {
    double[] rate = new double[cells + 2];
    double[] flow = new double[cells + 1];
    flow[0] = in(y, rate);
    for (int i = 0; i < cells - 1; i++) {
      double across =
          (resistance[i] + resistance[i + 1]) / 2 + (i == glueCell ? glue(y) : between[i]);
      flow[i + 1] = (y[i] - y[i + 1]) / across;
    }
    if (phase.bottom() instanceof Boundary.Held held && held.conductance() > 0) {
      flow[cells] =
          (y[cells - 1] - held.celsius()) / (1 / held.conductance() + resistance[cells - 1] / 2);
    }
    for (int i = 0; i < cells; i++) {
      rate[i] = (flow[i] - flow[i + 1]) / capacity[i];
    }
    GlueLine line = phase.bond();
    if (line != null) {
      double upper = y[glueCell] - flow[glueCell + 1] * resistance[glueCell] / 2;
      double lower = y[glueCell + 1] + flow[glueCell + 1] * resistance[glueCell + 1] / 2;
      rate[cells + 1] = line.adhesive().rate((upper + lower) / 2, phase.pressureKpa());
    }
    return rate;
  }

  private double in(double[] y, double[] rate) {
    if (phase.top() instanceof Boundary.Platen platen) {
      double flow = (y[cells] - y[0]) / (1 / platen.contact() + resistance[0] / 2);
      double share = Math.max(0, Math.min(1, (platen.setCelsius() - y[cells]) / 2));
      rate[cells] = (platen.heaterWatts() * share - flow) / platen.heatCapacity();
      return flow;
    }
    return phase.top() instanceof Boundary.Held held && held.conductance() > 0
        ? (held.celsius() - y[0]) / (1 / held.conductance() + resistance[0] / 2)
        : 0;
  }

  private double glue(double[] y) {
    GlueLine line = phase.bond();
    if (line == null) {
      throw new IllegalStateException("nothing is glued");
    }
    double wetted = Math.min(1, y[cells + 1] / line.adhesive().needed());
    double dry = contact(line.below());
    return 1 / (dry + (Math.max(Contact.WETTED, dry) - dry) * wetted);
  }
}
