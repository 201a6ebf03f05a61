package velvetkettle.core.heat.conduction;

import org.jspecify.annotations.Nullable;

/**
 * The equations: what flows between the cells as they are, and how that changes with them. Nothing
 * is allocated in {@link #at}.
 *
 * <ol>
 *   <li>Heat passes by conduction; drying takes its heat where it happens, and vapour that comes
 *       from a warmer cell brings some.
 *   <li>Fibres give water to the vapour round them, or take it, towards the equilibrium of the
 *       isotherm; so a cell that vapour meets cold takes it up.
 *   <li>Vapour seeps from cell to cell, the easier the less air is left to push through; out at the
 *       top through the film of an open press, out at the sides of a closed one.
 * </ol>
 */
final class Flows {
  /** So near to the atmosphere the film theory stops: what is left of the air blows away. */
  private static final double ALL_VAPOUR = 0.98;

  private static final double NUDGE = 0.05;

  /** At usual humidities water falls by half of what it holds for each unit of humidity. */
  private static final double SPEED = 2 / Moisture.DRYING_SECONDS;

  private final Phase phase;
  private final Column column;
  private final Boundary.@Nullable Platen platen;
  private final Boundary.@Nullable Open open;
  private final Isotherm isotherm = new Isotherm();
  private final double held;
  private final double outside;

  /** Net heat into each cell, W/m2; node 0 may be the platen. */
  final double[] heat;

  /** Capacity of each cell with its water, J/m2K. */
  final double[] capacity;

  /** Water that leaves the fibres, kg/(m2 s), and how that changes with the cell. */
  final double[] drying;

  final double[] dryingByT;
  final double[] dryingByW;
  final double[] dryingByP;

  /** Heat that drying takes, J/kg. */
  final double[] latent;

  /** Net vapour into the pores, kg/(m2 s). */
  final double[] vapour;

  /** Vapour to the next cell below, kg/(m2 s Pa), as it is. */
  final double[] seep;

  /** How heat into the uppermost cell falls as that warms, W/m2K. */
  double topSlope;

  /** How the heater gives less as the platen warms, W/m2K. */
  double heaterSlope;

  /** How much more vapour leaves a cell to the outside, kg/(m2 s Pa). */
  final double[] leaves;

  /** Heat into the layers and out of them, W/m2. */
  double in;

  double out;

  /**
   * Heat that vapour takes from where it comes from, counted from 0 °C, and brings on its way,
   * W/m2.
   */
  double spent;

  double carried;

  /** Vapour that leaves the stack, kg/(m2 s). */
  double escaping;

  /** Bond dose per second, and how it grows with the glue line, 1/K. */
  double bonding;

  double bondingSlope;

  /** How much faster heat passes the glue line each second, because it wets: W/(m2 s). */
  double wetting;

  Flows(Phase phase, Column column) {
    this(phase, column, phase.top() instanceof Boundary.Open above ? above : null);
  }

  /**
   * @param open what the uppermost cell looks at; null where it does not
   */
  Flows(Phase phase, Column column, Boundary.@Nullable Open open) {
    this.phase = phase;
    this.column = column;
    this.open = open;
    platen = phase.top() instanceof Boundary.Platen above ? above : null;
    double ambient = Moisture.ambientPascal(phase.roomCelsius(), phase.relativeHumidity());
    held = Moisture.heldPascal(ambient);
    outside = open == null ? ambient : open.vapourPascal();
    heat = new double[column.nodes];
    capacity = new double[column.nodes];
    drying = new double[column.nodes];
    dryingByT = new double[column.nodes];
    dryingByW = new double[column.nodes];
    dryingByP = new double[column.nodes];
    latent = new double[column.nodes];
    vapour = new double[column.nodes];
    seep = new double[column.nodes];
    leaves = new double[column.nodes];
  }

  void at(State y) {
    wet(y.bond);
    conduct(y.t);
    above(y);
    dry(y);
    seep(y);
    leave(y);
    bond(y);
  }

  /** The contact of adhesive and cloth as far as the bond has come. */
  private void wet(double dose) {
    GlueLine line = phase.bond();
    if (line != null && !phase.parts().get(line.below()).laminated()) {
      double dry = Column.contact(phase, line.below());
      column.touch(
          line.below(), Contact.wetting(dry, dose / line.adhesive().needed(), covers(line)));
    }
  }

  /** Of the two that meet there: the adhesive may lie above the cloth or below it. */
  private double covers(GlueLine line) {
    double above = phase.parts().get(line.below()).slab().covers();
    return Math.min(above, phase.parts().get(line.below() + 1).slab().covers());
  }

  private double wetting(double[] t, GlueLine line, double dose) {
    double needed = line.adhesive().needed();
    if (phase.parts().get(line.below()).laminated() || dose >= needed) {
      return 0;
    }
    double dry = Column.contact(phase, line.below());
    double now = Contact.wetting(dry, dose / needed, covers(line));
    double perDose = (Contact.wetting(dry, 1, covers(line)) - dry) / needed;
    int above = column.firstCell[line.below() + 1] - 1;
    double share = column.link[above] / now;
    return share * share * perDose * bonding * (t[above] - t[above + 1]);
  }

  private void conduct(double[] t) {
    double above = 0;
    double[] link = column.link;
    int last = column.nodes - 1;
    for (int i = 0; i < last; i++) {
      double below = link[i] * (t[i] - t[i + 1]);
      heat[i] = above - below;
      capacity[i] = column.capacity[i];
      above = below;
    }
    out = column.bottomLink * (t[last] - column.bottomCelsius);
    heat[last] = above - out;
    capacity[last] = column.capacity[last];
  }

  private void above(State y) {
    int first = column.firstCell[0];
    topSlope = 0;
    if (platen != null) {
      in = column.link[0] * (y.t[0] - y.t[1]);
      double missing = platen.setCelsius() - y.t[0];
      double perKelvin = platen.heaterWatts() / Boundary.Platen.FULL_POWER_BELOW;
      double most = platen.heaterWatts();
      heat[0] += Math.max(0, Math.min(most, perKelvin * missing));
      heaterSlope = missing > 0 && missing < Boundary.Platen.FULL_POWER_BELOW ? perKelvin : 0;
    }
    if (open != null) {
      // The surface is nearer to the room than the middle of its cell.
      double bare = open.heat(y.t[first]);
      double slope = (open.heat(y.t[first] + NUDGE) - bare) / NUDGE;
      double share = 1 / (1 - slope * column.half[first]);
      in = bare * share;
      heat[first] += in;
      topSlope = -slope * share;
    } else if (platen == null) {
      in = column.topLink * (column.topCelsius - y.t[0]);
      heat[0] += in;
      topSlope = column.topLink;
    }
  }

  private void dry(State y) {
    spent = 0;
    for (int i : column.cloth) {
      double water = y.w[i];
      isotherm.at(column.regain[i], y.t[i], water);
      double humidity = y.p[i] / isotherm.saturated;
      double drives = isotherm.activity - humidity;
      double perHumidity = column.thirsty[i] * SPEED;
      double speed = perHumidity * (isotherm.usual + Math.max(0, water));
      drying[i] = speed * drives;
      dryingByW[i] = speed * isotherm.byWater + (water > 0 ? perHumidity * drives : 0);
      dryingByP[i] = -speed / isotherm.saturated;
      dryingByT[i] =
          speed * (isotherm.byCelsius + humidity * isotherm.saturatedSlope / isotherm.saturated);
      latent[i] = Moisture.evaporation(y.t[i]) + Moisture.sorption(y.t[i], isotherm.activity);
      double takes = drying[i] * latent[i];
      heat[i] -= takes;
      spent += takes + drying[i] * Moisture.WATER_HEAT_CAPACITY * y.t[i];
      vapour[i] = drying[i];
      capacity[i] += column.thirsty[i] * water * Moisture.WATER_HEAT_CAPACITY;
    }
  }

  /** Film theory: vapour that pushes through air which stays takes P / (P - p) times as much. */
  private void seep(State y) {
    carried = 0;
    for (int i : column.cloth) {
      if (column.seep[i] == 0) {
        seep[i] = 0;
        continue;
      }
      double middle = (y.p[i] + y.p[i + 1]) / 2;
      seep[i] = column.seep[i] * easier(middle);
      double flow = seep[i] * (y.p[i] - y.p[i + 1]);
      vapour[i] -= flow;
      vapour[i + 1] += flow;
      double warmer = y.t[i] - y.t[i + 1];
      double brings = flow * Moisture.VAPOUR_HEAT_CAPACITY * warmer;
      heat[flow > 0 ? i + 1 : i] += brings;
      carried += brings;
    }
  }

  private static double easier(double pascal) {
    return 1 / (1 - Math.max(0, Math.min(ALL_VAPOUR, pascal / Moisture.ATMOSPHERE_PASCAL)));
  }

  private void leave(State y) {
    escaping = 0;
    for (int i : column.cloth) {
      leaves[i] = 0;
      if (column.vent[i] > 0 && y.p[i] > 0) {
        double full = y.p[i] / held;
        double squared = full * full;
        double perPascal = column.vent[i] * squared * squared * squared * full / held;
        leaves[i] = 8 * perPascal;
        vapour[i] -= perPascal * y.p[i];
        escaping += perPascal * y.p[i];
      }
    }
    int first = column.firstCell[0];
    if (open != null && column.thirsty[first] > 0) {
      double film = open.film(y.t[first]) * Moisture.ATMOSPHERE_PASCAL;
      double share = Math.min(ALL_VAPOUR, y.p[first] / Moisture.ATMOSPHERE_PASCAL);
      double air = 1 - share;
      double beyond = y.p[first] / Moisture.ATMOSPHERE_PASCAL - share;
      double flow =
          film * (Math.log((1 - outside / Moisture.ATMOSPHERE_PASCAL) / air) + beyond / air);
      leaves[first] += film / air / Moisture.ATMOSPHERE_PASCAL;
      vapour[first] -= flow;
      escaping += flow;
    }
  }

  private void bond(State y) {
    GlueLine line = phase.bond();
    if (line == null) {
      return;
    }
    double celsius = column.glueLine(y.t, line.below());
    bonding = line.adhesive().rate(celsius, phase.pressureKpa());
    bondingSlope = (line.adhesive().rate(celsius + NUDGE, phase.pressureKpa()) - bonding) / NUDGE;
    wetting = wetting(y.t, line, y.bond);
  }
}
