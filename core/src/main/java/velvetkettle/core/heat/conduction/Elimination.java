package velvetkettle.core.heat.conduction;

/**
 * The linear equations of one step: (capacity / span - slopes of the flows) x = right side.
 *
 * <p>The water of a cell stands in no other cell's equation, so it is taken out first. What is left
 * are blocks of two, temperature and vapour, each tied to the one above and the one below: block
 * elimination without exchange of rows, once for all right sides of a step. Where no vapour comes
 * in a block is a single number.
 */
final class Elimination {
  private final Column column;
  private final double[] linkAbove;
  private final double[] seepAbove;

  /** The inverse of each block's pivot: temperature, mixed, mixed, vapour. */
  private final double[] tt;

  private final double[] tp;
  private final double[] pt;
  private final double[] pp;

  /** What the water's own equation leaves of the right side for the others. */
  private final double[] passes;

  private final double[] waterPivot;
  private final double[] latent;

  private final double[] celsius;

  private final double[] byT;
  private final double[] byP;
  private final double[] leaves;
  private double topSlope;
  private final int first;
  private final double[] byW;

  Elimination(Column column) {
    this.column = column;
    first = column.firstCell[0];
    int nodes = column.nodes;
    linkAbove = new double[nodes];
    seepAbove = new double[nodes];
    tt = new double[nodes];
    tp = new double[nodes];
    pt = new double[nodes];
    pp = new double[nodes];
    passes = new double[nodes];
    waterPivot = new double[nodes];
    latent = new double[nodes];
    celsius = new double[nodes];
    byT = new double[nodes];
    byP = new double[nodes];
    leaves = new double[nodes];
    byW = new double[nodes];
  }

  /**
   * @param flows at y
   * @param perSecond one over the span, 1/s
   */
  void factor(State y, Flows flows, double perSecond) {
    topSlope = flows.topSlope;
    double link = 0;
    double seep = 0;
    for (int i = 0; i < column.nodes; i++) {
      boolean lowest = i == column.nodes - 1;
      double linkBelow = lowest ? column.bottomLink : column.link[i];
      double top = i == first ? topSlope : i == 0 ? flows.heaterSlope : 0;
      linkAbove[i] = link;
      double a = flows.capacity[i] * perSecond + link + linkBelow + top;
      double above = i == 0 ? 0 : link * link * tt[i - 1];
      if (column.thirsty[i] == 0) {
        seepAbove[i] = 0;
        tt[i] = 1 / (a - above);
        seep = 0;
      } else {
        double seepBelow = lowest ? 0 : flows.seep[i];
        double own = column.thirsty[i] * perSecond;
        double pivot = 1 / (own + flows.dryingByW[i]);
        double share = own * pivot;
        waterPivot[i] = pivot;
        passes[i] = flows.dryingByW[i] * pivot;
        celsius[i] = y.t[i];
        latent[i] = flows.latent[i];
        leaves[i] = flows.leaves[i];
        byT[i] = flows.dryingByT[i];
        byW[i] = flows.dryingByW[i];
        byP[i] = flows.dryingByP[i];
        double dryT = share * byT[i];
        double dryP = share * byP[i];
        double b = latent[i] * dryP;
        double c = -dryT;
        double d = column.pores[i] * perSecond + seep + seepBelow + flows.leaves[i] - dryP;
        a += latent[i] * dryT - above;
        seepAbove[i] = seep;
        if (seep != 0) {
          b -= link * seep * tp[i - 1];
          c -= link * seep * pt[i - 1];
          d -= seep * seep * pp[i - 1];
        }
        double determinant = 1 / (a * d - b * c);
        tt[i] = d * determinant;
        tp[i] = -b * determinant;
        pt[i] = -c * determinant;
        pp[i] = a * determinant;
        seep = seepBelow;
      }
      link = linkBelow;
    }
  }

  /**
   * Solves in place.
   *
   * @param x right sides of temperature (W/m2), water (kg/m2s) and vapour (kg/m2s) at the beginning
   */
  void solve(State x) {
    double[] t = x.t;
    double[] p = x.p;
    for (int i : column.cloth) {
      double water = passes[i] * x.w[i];
      t[i] -= latent[i] * water;
      p[i] += water;
    }
    double[] link = linkAbove;
    for (int i = 1; i < t.length; i++) {
      int b = i - 1;
      if (seepAbove[i] == 0) {
        double fromAbove = tt[b] * t[b] + (column.thirsty[b] > 0 ? tp[b] * p[b] : 0);
        t[i] += link[i] * fromAbove;
      } else {
        t[i] += link[i] * (tt[b] * t[b] + tp[b] * p[b]);
        p[i] += seepAbove[i] * (pt[b] * t[b] + pp[b] * p[b]);
      }
    }
    int last = t.length - 1;
    double tBelow = 0;
    double pBelow = 0;
    double linkBelow = 0;
    double seepBelow = 0;
    for (int i = last; i >= 0; i--) {
      double heat = t[i] + linkBelow * tBelow;
      if (column.thirsty[i] > 0) {
        double vapour = p[i] + seepBelow * pBelow;
        tBelow = tt[i] * heat + tp[i] * vapour;
        pBelow = pt[i] * heat + pp[i] * vapour;
        p[i] = pBelow;
      } else {
        tBelow = tt[i] * heat;
        pBelow = 0;
      }
      t[i] = tBelow;
      linkBelow = linkAbove[i];
      seepBelow = seepAbove[i];
    }
    for (int i : column.cloth) {
      x.w[i] = (x.w[i] - byT[i] * t[i] - byP[i] * p[i]) * waterPivot[i];
    }
  }

  /** What the flows in and out, which are summed up, gain by a step that was solved for. */
  void sum(State x) {
    int last = x.t.length - 1;
    x.in -= topSlope * x.t[first];
    if (column.platenAbove) {
      x.in += linkAbove[1] * (x.t[0] - x.t[1]);
    }
    x.out += column.bottomLink * x.t[last];
    for (int i : column.cloth) {
      double dries = byT[i] * x.t[i] + byP[i] * x.p[i] + byW[i] * x.w[i];
      x.spent += (latent[i] + Moisture.WATER_HEAT_CAPACITY * celsius[i]) * dries;
      x.escaped += leaves[i] * x.p[i];
    }
  }
}
