package velvetkettle.core.heat.conduction;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;

/**
 * The same equations of a phase, put together anew from the formulas themselves and handed to a
 * general solver. The state is temperature, water and vapour of each cell, then the platen's
 * temperature and the bond dose.
 */
public final class MethodOfLines implements OrdinaryDifferentialEquation {
  private static final double ATMOSPHERE = 101_325;

  /** Vapour settles within a ten-thousandth of a second, which an explicit solver has to follow. */
  private static final double QUICK = 5e-5;

  private final Phase phase;
  private final boolean dry;
  private final List<Cell> cells = new ArrayList<>();

  /** Resistance between cell i and the next, without the contact that wets as the bond comes. */
  private final double[] between;

  private int glueCell = -1;

  /**
   * One cell: heat it stores and its resistance; dry mass, regain, air, resistance to vapour and
   * steam that leaves it sideways, all 0 where no vapour comes in.
   */
  private record Cell(
      double capacity,
      double resistance,
      double mass,
      double regain,
      double air,
      double against,
      double vent,
      double celsius,
      double water) {}

  public MethodOfLines(Phase phase) {
    this.phase = phase;
    dry =
        phase.parts().stream()
            .allMatch(part -> Arrays.stream(part.state().water()).allMatch(w -> w == 0));
    double kpa = phase.pressureKpa();
    List<Double> gaps = new ArrayList<>();
    for (int p = 0; p < phase.parts().size(); p++) {
      Part part = phase.parts().get(p);
      Slab slab = part.slab();
      double[] shares = slab.shares();
      for (int i = 0; i < shares.length; i++) {
        double thick = slab.thicknessMetres(kpa) * shares[i];
        boolean breathes = !dry && slab.thirstyMass() > 0;
        cells.add(
            new Cell(
                slab.arealHeatCapacity() * shares[i],
                thick / slab.conductivity(kpa),
                breathes ? slab.thirstyMass() * shares[i] : 0,
                Math.max(1e-4, slab.regain()),
                slab.poresMetres(kpa) * shares[i] / (461.5 * 330),
                breathes ? thick / slab.seeping(kpa) : 0,
                breathes && phase.closed() ? 1e-3 * shares[i] : 0,
                part.state().celsius()[i],
                part.state().water()[i]));
        gaps.add(0.0);
      }
      if (p < phase.parts().size() - 1) {
        GlueLine line = phase.bond();
        if (line != null && line.below() == p) {
          glueCell = cells.size() - 1;
        } else {
          gaps.set(cells.size() - 1, 1 / contact(p));
        }
      }
    }
    between = gaps.stream().mapToDouble(Double::doubleValue).toArray();
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
        new DormandPrince853Integrator(1e-9, dry ? 1 : QUICK, tolerance, tolerance);
    double[] end = solver.integrate(this, new ODEState(0, start()), seconds).getPrimaryState();
    double[] celsius = new double[cells.size()];
    System.arraycopy(end, 0, celsius, 0, cells.size());
    return celsius;
  }

  private double[] start() {
    double[] start = new double[getDimension()];
    for (int i = 0; i < cells.size(); i++) {
      Cell cell = cells.get(i);
      start[i] = cell.celsius();
      start[water(i)] = cell.water();
      start[vapour(i)] =
          cell.mass() == 0
              ? 0
              : Math.min(
                  ATMOSPHERE,
                  activity(cell, cell.celsius(), cell.water())
                      * Moisture.saturationPascal(cell.celsius()));
    }
    start[3 * cells.size()] =
        phase.top() instanceof Boundary.Platen platen ? platen.nowCelsius() : 0;
    return start;
  }

  private int water(int cell) {
    return cells.size() + cell;
  }

  private int vapour(int cell) {
    return 2 * cells.size() + cell;
  }

  @Override
  public int getDimension() {
    return 3 * cells.size() + 2;
  }

  /** From the isotherm solved for the humidity. */
  private static double activity(Cell cell, double celsius, double water) {
    double usual = cell.regain() * Math.exp(-0.006 * (celsius - 20));
    double odds = 0.65 / 0.35 * Math.pow(Math.max(0, water) / usual, 1 / 0.45);
    return odds / (1 + odds);
  }

  @Override
  public double[] computeDerivatives(double time, double[] y) {
    double[] rate = new double[getDimension()];
    int n = cells.size();
    double[] flow = new double[n + 1];
    flow[0] = in(y, rate);
    for (int i = 0; i < n - 1; i++) {
      double across =
          (cells.get(i).resistance() + cells.get(i + 1).resistance()) / 2
              + (i == glueCell ? glue(y) : between[i]);
      flow[i + 1] = (y[i] - y[i + 1]) / across;
    }
    if (phase.bottom() instanceof Boundary.Held held && held.conductance() > 0) {
      flow[n] =
          (y[n - 1] - held.celsius())
              / (1 / held.conductance() + cells.get(n - 1).resistance() / 2);
    }
    double[] heat = new double[n];
    for (int i = 0; i < n; i++) {
      heat[i] = flow[i] - flow[i + 1];
    }
    moist(y, rate, heat);
    for (int i = 0; i < n; i++) {
      Cell cell = cells.get(i);
      rate[i] = heat[i] / (cell.capacity() + cell.mass() * y[water(i)] * 4187);
    }
    GlueLine line = phase.bond();
    if (line != null) {
      double upper = y[glueCell] - flow[glueCell + 1] * cells.get(glueCell).resistance() / 2;
      double lower =
          y[glueCell + 1] + flow[glueCell + 1] * cells.get(glueCell + 1).resistance() / 2;
      rate[3 * n + 1] = line.adhesive().rate((upper + lower) / 2, phase.pressureKpa());
    }
    return rate;
  }

  private void moist(double[] y, double[] rate, double[] heat) {
    double ambient = phase.relativeHumidity() * Moisture.saturationPascal(phase.roomCelsius());
    double held = 0.5 * ATMOSPHERE + 0.5 * ambient;
    for (int i = 0; i < cells.size(); i++) {
      Cell cell = cells.get(i);
      if (cell.mass() == 0) {
        continue;
      }
      double usual = cell.regain() * Math.exp(-0.006 * (y[i] - 20));
      double activity = activity(cell, y[i], y[water(i)]);
      double drives = activity - y[vapour(i)] / Moisture.saturationPascal(y[i]);
      double dries = cell.mass() * 2 / 1.5 * (usual + Math.max(0, y[water(i)])) * drives;
      double kelvin = y[i] + 273.15;
      double latent =
          2.501e6 - 2400 * y[i] + 461.5 * kelvin * kelvin * 0.006 / 0.45 * (1 - activity);
      heat[i] -= dries * latent;
      rate[water(i)] = -dries / cell.mass();
      double leaves = cell.vent() * Math.pow(y[vapour(i)] / held, 8);
      if (i == 0 && phase.top() instanceof Boundary.Open open) {
        leaves +=
            open.film(y[0])
                * ATMOSPHERE
                * Math.log((ATMOSPHERE - open.vapourPascal()) / (ATMOSPHERE - y[vapour(0)]));
      }
      rate[vapour(i)] += (dries - leaves) / cell.air();
      if (i < cells.size() - 1 && cells.get(i + 1).mass() > 0) {
        Cell below = cells.get(i + 1);
        double mean = (y[vapour(i)] + y[vapour(i + 1)]) / 2;
        double seeps =
            (y[vapour(i)] - y[vapour(i + 1)])
                / ((cell.against() + below.against()) / 2)
                * ATMOSPHERE
                / (ATMOSPHERE - Math.min(0.98 * ATMOSPHERE, mean));
        rate[vapour(i)] -= seeps / cell.air();
        rate[vapour(i + 1)] += seeps / below.air();
        heat[seeps > 0 ? i + 1 : i] += seeps * 1880 * (y[i] - y[i + 1]);
      }
    }
  }

  private double in(double[] y, double[] rate) {
    double half = cells.get(0).resistance() / 2;
    if (phase.top() instanceof Boundary.Platen platen) {
      double celsius = y[3 * cells.size()];
      double flow = (celsius - y[0]) / (1 / platen.contact() + half);
      double share = Math.max(0, Math.min(1, (platen.setCelsius() - celsius) / 2));
      rate[3 * cells.size()] = (platen.heaterWatts() * share - flow) / platen.heatCapacity();
      return flow;
    }
    if (phase.top() instanceof Boundary.Open open) {
      // The surface between room and cell, by halving.
      double cool = Math.min(y[0], open.air().celsius()) - 1;
      double warm = Math.max(Math.max(y[0], open.air().celsius()), open.hotCelsius()) + 1;
      for (int n = 0; n < 60; n++) {
        double surface = (cool + warm) / 2;
        if (open.heat(surface) > (surface - y[0]) / half) {
          cool = surface;
        } else {
          warm = surface;
        }
      }
      return open.heat((cool + warm) / 2);
    }
    return phase.top() instanceof Boundary.Held held && held.conductance() > 0
        ? (held.celsius() - y[0]) / (1 / held.conductance() + half)
        : 0;
  }

  private double glue(double[] y) {
    GlueLine line = phase.bond();
    if (line == null) {
      throw new IllegalStateException("nothing is glued");
    }
    double wetted = Math.min(1, y[3 * cells.size() + 1] / line.adhesive().needed());
    double dry = contact(line.below());
    return 1 / (dry + (Math.max(Contact.WETTED, dry) - dry) * wetted);
  }
}
