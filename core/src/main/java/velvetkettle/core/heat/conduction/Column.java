package velvetkettle.core.heat.conduction;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The cells of all layers as bare arrays: what each stores, and what passes from each to the next.
 * Node 0 is the platen where one stands above.
 */
final class Column {
  /**
   * How steam finds its way out at the sides of a closed press, kg/(m2 s Pa) for a layer (cloth of
   * usual openness, a hand's breadth to its edge: engineering estimate).
   */
  private static final double OUT_AT_THE_SIDES = 1e-3;

  /** What pores hold is counted at about 60 °C. */
  private static final double PORES_KELVIN = 330;

  final int nodes;

  /** Index of the first cell of each part, and one past the last at the end. */
  final int[] firstCell;

  /** J/m2K of the dry cell. */
  final double[] capacity;

  /** Heat to its faces, m2K/W. */
  final double[] half;

  /** Heat to the next cell below, W/m2K. */
  final double[] link;

  /** The cells that vapour comes into. */
  final int[] cloth;

  /** Dry mass of these, kg/m2, and their regain. */
  final double[] thirsty;

  final double[] regain;

  /** Vapour that pores take up, kg/(m2 Pa). */
  final double[] pores;

  /** Vapour to the next cell below in still air, kg/(m2 s Pa); 0 where it cannot pass. */
  final double[] seep;

  /** Vapour out at the sides, kg/(m2 s Pa). */
  final double[] vent;

  final boolean platenAbove;

  /** Conductance and temperature behind the outer faces; 0 where nothing passes. */
  final double topLink;

  final double topCelsius;
  final double bottomLink;
  final double bottomCelsius;

  Column(Phase phase) {
    platenAbove = phase.top() instanceof Boundary.Platen;
    List<Part> parts = phase.parts();
    firstCell = new int[parts.size() + 1];
    firstCell[0] = platenAbove ? 1 : 0;
    for (int p = 0; p < parts.size(); p++) {
      firstCell[p + 1] = firstCell[p] + parts.get(p).slab().cells();
    }
    nodes = firstCell[parts.size()];
    capacity = new double[nodes];
    half = new double[nodes];
    link = new double[nodes];
    thirsty = new double[nodes];
    regain = new double[nodes];
    pores = new double[nodes];
    seep = new double[nodes];
    vent = new double[nodes];
    double[] against = new double[nodes];
    for (int p = 0; p < parts.size(); p++) {
      fill(parts.get(p).slab(), firstCell[p], phase, against);
    }
    cloth = IntStream.range(0, nodes).filter(i -> thirsty[i] > 0).toArray();
    for (int i = 0; i < nodes - 1; i++) {
      seep[i] = thirsty[i] > 0 && thirsty[i + 1] > 0 ? 1 / (against[i] + against[i + 1]) : 0;
    }
    int first = firstCell[0];
    if (phase.top() instanceof Boundary.Platen platen) {
      capacity[0] = platen.heatCapacity();
      link[0] = behind(platen.contact(), half[first]);
    }
    topLink = phase.top() instanceof Boundary.Held held ? behind(held, half[first]) : 0;
    topCelsius = phase.top() instanceof Boundary.Held held ? held.celsius() : 0;
    bottomLink = phase.bottom() instanceof Boundary.Held held ? behind(held, half[nodes - 1]) : 0;
    bottomCelsius = phase.bottom() instanceof Boundary.Held held ? held.celsius() : 0;
    connect(phase);
  }

  private void fill(Slab slab, int first, Phase phase, double[] against) {
    double kpa = phase.pressureKpa();
    double resistance = slab.thicknessMetres(kpa) / slab.conductivity(kpa);
    double air = slab.poresMetres(kpa) / (Moisture.VAPOUR_CONSTANT * PORES_KELVIN);
    double seeping = slab.seeping(kpa);
    double[] shares = slab.shares();
    for (int c = 0; c < shares.length; c++) {
      int i = first + c;
      capacity[i] = slab.arealHeatCapacity() * shares[c];
      thirsty[i] = slab.thirstyMass() * shares[c];
      regain[i] = slab.regain();
      half[i] = resistance * shares[c] / 2;
      if (thirsty[i] > 0) {
        pores[i] = air * shares[c];
        against[i] = slab.thicknessMetres(kpa) * shares[c] / seeping / 2;
        vent[i] = phase.closed() ? OUT_AT_THE_SIDES * shares[c] : 0;
      }
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
  }

  private static double behind(Boundary.Held held, double halfResistance) {
    return behind(held.conductance(), halfResistance);
  }

  /** Its iron is away. */
  void lift() {
    link[0] = 0;
  }

  private static double behind(double conductance, double halfResistance) {
    return conductance == 0 ? 0 : 1 / (1 / conductance + halfResistance);
  }

  static double contact(Phase phase, int part) {
    Part above = phase.parts().get(part);
    Part below = phase.parts().get(part + 1);
    double touches = Math.min(above.slab().covers(), below.slab().covers());
    return touches
        * (above.laminated()
            ? Contact.LAMINATED
            : Contact.conductance(
                above.slab().face(),
                below.slab().face(),
                phase.pressureKpa(),
                phase.contactFactor()));
  }

  /** Sets the contact below a part, W/m2K. */
  void touch(int part, double conductance) {
    int i = firstCell[part + 1] - 1;
    link[i] = 1 / (half[i] + 1 / conductance + half[i + 1]);
  }

  /**
   * Both faces of every part: upper, lower, upper, lower ... from the top down.
   *
   * @param in heat into the uppermost cell of the layers, W/m2
   * @param out heat out of the lowest
   */
  void faces(double[] t, double in, double out, double[] faces) {
    int parts = firstCell.length - 1;
    for (int p = 0; p < parts; p++) {
      int upper = firstCell[p];
      int lower = firstCell[p + 1] - 1;
      double above = p == 0 ? in : link[upper - 1] * (t[upper - 1] - t[upper]);
      double below = p == parts - 1 ? out : link[lower] * (t[lower] - t[lower + 1]);
      faces[2 * p] = t[upper] + above * half[upper];
      faces[2 * p + 1] = t[lower] - below * half[lower];
    }
  }

  /** Mean of the two faces below a part, °C. */
  double glueLine(double[] t, int part) {
    int above = firstCell[part + 1] - 1;
    double flow = link[above] * (t[above] - t[above + 1]);
    return (t[above] - flow * half[above] + t[above + 1] + flow * half[above + 1]) / 2;
  }

  /** Water that the fibres of every part hold, kg/m2: its upper half, its lower half, the next. */
  void water(double[] w, double[] water) {
    for (int p = 0; p < firstCell.length - 1; p++) {
      int middle = (firstCell[p] + firstCell[p + 1]) / 2;
      water[2 * p] = water(w, firstCell[p], middle);
      water[2 * p + 1] = water(w, middle, firstCell[p + 1]);
    }
  }

  private double water(double[] w, int from, int to) {
    double water = 0;
    for (int i = from; i < to; i++) {
      water += thirsty[i] * w[i];
    }
    return water;
  }
}
