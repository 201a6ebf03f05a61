package velvetkettle.core.heat.conduction;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The cells of all layers as bare arrays, with one implicit Euler solve over them. Node 0 is the
 * platen where one stands above. Nothing is allocated in {@link #solve}.
 *
 * <p>Cost: one tridiagonal sweep with one division a cell, and two table look-ups in each cell of
 * cloth that still has water to give.
 */
final class Column {
  final int nodes;

  /** Index of the first cell of each part, and one past the last at the end. */
  final int[] firstCell;

  private final Isotherm isotherm;
  private final double[] capacity;
  private final double[] half;

  /** Conductance to the next cell below, and the sum of all conductances of a cell. */
  private final double[] link;

  private final double[] links;

  /** The cells that hold water, their dry mass and their regain. */
  private final int[] cloth;

  private final double[] thirsty;
  private final double[] regain;

  private final boolean platenAbove;
  private double platenSet;
  private double heaterWatts;
  private double topLink;
  private double topCelsius;
  private double topSource;
  private double bottomLink;
  private double bottomCelsius;

  private final double[] pivot;
  private final double[] right;
  private final double[] addedPivot;
  private final double[] addedRight;
  private final double[] source;
  private final double[] slope;

  /** Heat of the last solve, J/m2: in through the top, out below. */
  double in;

  double out;

  Column(Phase phase, Isotherm isotherm) {
    this.isotherm = isotherm;
    platenAbove = phase.top() instanceof Boundary.Platen;
    List<Part> parts = phase.parts();
    firstCell = new int[parts.size() + 1];
    firstCell[0] = platenAbove ? 1 : 0;
    for (int p = 0; p < parts.size(); p++) {
      firstCell[p + 1] = firstCell[p] + parts.get(p).slab().cells();
    }
    nodes = firstCell[parts.size()];
    capacity = new double[nodes];
    thirsty = new double[nodes];
    regain = new double[nodes];
    half = new double[nodes];
    link = new double[nodes];
    links = new double[nodes];
    pivot = new double[nodes];
    right = new double[nodes];
    addedPivot = new double[nodes];
    addedRight = new double[nodes];
    source = new double[nodes];
    slope = new double[nodes];
    for (int p = 0; p < parts.size(); p++) {
      fill(parts.get(p).slab(), firstCell[p], phase.pressureKpa());
    }
    cloth = IntStream.range(0, nodes).filter(i -> thirsty[i] > 0).toArray();
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
    int first = firstCell[0];
    if (phase.top() instanceof Boundary.Platen platen) {
      capacity[0] = platen.heatCapacity();
      platenSet = platen.setCelsius();
      heaterWatts = platen.heaterWatts();
      link[0] = behind(platen.contact(), half[first]);
    } else if (phase.top() instanceof Boundary.Held held) {
      topLink = behind(held.conductance(), half[first]);
      topCelsius = held.celsius();
      topSource = topLink * topCelsius;
    }
    if (phase.bottom() instanceof Boundary.Held held) {
      bottomLink = behind(held.conductance(), half[nodes - 1]);
      bottomCelsius = held.celsius();
    }
    for (int p = 0; p < parts.size(); p++) {
      for (int i = firstCell[p]; i < firstCell[p + 1] - 1; i++) {
        link[i] = 1 / (half[i] + half[i + 1]);
      }
      if (p < parts.size() - 1) {
        touch(p, contact(phase, p));
      }
    }
    for (int i = 0; i < nodes; i++) {
      sumLinks(i);
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
    sumLinks(i);
    sumLinks(i + 1);
  }

  private void sumLinks(int i) {
    links[i] = (i == 0 ? topLink : link[i - 1]) + (i == nodes - 1 ? bottomLink : link[i]);
  }

  /** One step of implicit Euler, from the old state into the new one; the heat account with it. */
  void solve(double[] t0, double[] w0, double dt, double[] t1, double[] w1) {
    moisten(t0, w0, dt);
    double heaterPivot = platenAbove ? heater(t0[0]) : 0;
    forward(t0, 1 / dt, heaterPivot);
    back(t1);
    dry(w0, dt, t1, w1);
    int first = firstCell[0];
    in = (platenAbove ? link[0] * (t1[0] - t1[first]) : topLink * (topCelsius - t1[0])) * dt;
    out = bottomLink * (t1[nodes - 1] - bottomCelsius) * dt;
  }

  /**
   * The heater's line is steep only within its last two kelvin, so it is taken as it stands now.
   * Sets what it adds to the right side, and returns what it adds to the pivot.
   */
  private double heater(double now) {
    double missing = platenSet - now;
    if (missing >= Boundary.Platen.FULL_POWER_BELOW) {
      topSource = heaterWatts;
      return 0;
    }
    if (missing <= 0) {
      topSource = 0;
      return 0;
    }
    double perKelvin = heaterWatts / Boundary.Platen.FULL_POWER_BELOW;
    topSource = perKelvin * platenSet;
    return perKelvin;
  }

  /**
   * The water in cloth: its heat, and what drying takes, linear in the new temperature. Written as
   * what it adds to pivot and right side.
   */
  private void moisten(double[] t0, double[] w0, double dt) {
    double perSecond = 1 / dt;
    double drying = Moisture.LATENT_HEAT / (Moisture.DRYING_SECONDS + dt);
    for (int i : cloth) {
      double held = thirsty[i] * w0[i] * Moisture.WATER_HEAT_CAPACITY * perSecond;
      double above = w0[i] - regain[i] * isotherm.at(t0[i]);
      source[i] = 0;
      slope[i] = 0;
      if (above > 0) {
        double speed = thirsty[i] * drying;
        slope[i] = -speed * regain[i] * isotherm.slope(t0[i]);
        source[i] = speed * above - slope[i] * t0[i];
      }
      addedPivot[i] = held + slope[i];
      addedRight[i] = held * t0[i] - source[i];
    }
  }

  /**
   * Thomas algorithm, assembled on the way; the matrix is diagonally dominant, so it needs no
   * exchange of rows. Leaves the inverse of each pivot.
   */
  private void forward(double[] t0, double perSecond, double heaterPivot) {
    double held = capacity[0] * perSecond;
    double rightSide = held * t0[0] + addedRight[0] + topSource;
    double inverse = 1 / (held + links[0] + addedPivot[0] + heaterPivot);
    right[0] = rightSide;
    pivot[0] = inverse;
    for (int i = 1; i < nodes; i++) {
      double above = link[i - 1];
      double factor = above * inverse;
      held = capacity[i] * perSecond;
      rightSide = held * t0[i] + addedRight[i] + factor * rightSide;
      inverse = 1 / (held + links[i] + addedPivot[i] - factor * above);
      right[i] = rightSide;
      pivot[i] = inverse;
    }
    right[nodes - 1] += bottomLink * bottomCelsius;
  }

  private void back(double[] t1) {
    double below = right[nodes - 1] * pivot[nodes - 1];
    t1[nodes - 1] = below;
    for (int i = nodes - 2; i >= 0; i--) {
      below = (right[i] + link[i] * below) * pivot[i];
      t1[i] = below;
    }
  }

  private void dry(double[] w0, double dt, double[] t1, double[] w1) {
    for (int i : cloth) {
      double flow = source[i] + slope[i] * t1[i];
      w1[i] = w0[i] - flow * dt / (thirsty[i] * Moisture.LATENT_HEAT);
    }
  }

  /** Heat that the layers and their water took up between two states, J/m2. */
  double stored(double[] t0, double[] w0, double[] t1, double[] w1) {
    double sum = 0;
    for (int i = firstCell[0]; i < nodes; i++) {
      sum += capacity[i] * (t1[i] - t0[i]);
    }
    for (int i : cloth) {
      double water = thirsty[i] * (w0[i] + w1[i]) / 2;
      sum += water * Moisture.WATER_HEAT_CAPACITY * (t1[i] - t0[i]);
    }
    return sum;
  }

  /** Heat that drying took between two states, J/m2. */
  double latent(double[] w0, double[] w1) {
    double sum = 0;
    for (int i : cloth) {
      sum += thirsty[i] * (w0[i] - w1[i]);
    }
    return sum * Moisture.LATENT_HEAT;
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
    return cell > 0 ? link[cell - 1] * (t[cell - 1] - t[cell]) : topLink * (topCelsius - t[0]);
  }

  private double flowOutOf(double[] t, int cell) {
    return cell < nodes - 1
        ? link[cell] * (t[cell] - t[cell + 1])
        : bottomLink * (t[cell] - bottomCelsius);
  }

  /** Mean of the two faces below a part, °C. */
  double glueLine(double[] t, int part) {
    int above = firstCell[part + 1] - 1;
    double flow = flowOutOf(t, above);
    return (t[above] - flow * half[above] + t[above + 1] + flow * half[above + 1]) / 2;
  }

  /** Water in every part, kg/m2. */
  void water(double[] w, double[] water) {
    for (int p = 0; p < water.length; p++) {
      water[p] = 0;
      for (int i = firstCell[p]; i < firstCell[p + 1]; i++) {
        water[p] += thirsty[i] * w[i];
      }
    }
  }
}
