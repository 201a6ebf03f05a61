package velvetkettle.core.heat.conduction;

/** One layer as heat sees it. */
public sealed interface Slab permits Sheet, Cloth {
  String name();

  Face face();

  /** Thickness in m under a pressure in kPa. */
  double thicknessMetres(double pressureKpa);

  /** Conductivity across the layer in W/mK under a pressure in kPa. */
  double conductivity(double pressureKpa);

  /** Heat capacity of the dry layer per area, J/m2K. */
  double arealHeatCapacity();

  /** Mass that holds water, kg/m2; 0 where no vapour comes in. */
  double thirstyMass();

  /** Regain of that mass at 65 % relative humidity and 20 °C, kg/kg. */
  double regain();

  /** How well vapour passes through under a pressure in kPa, kg/(m s Pa); 0 where none does. */
  double seeping(double pressureKpa);

  /** Air in it under a pressure in kPa, m3 per m2. */
  double poresMetres(double pressureKpa);

  /** What part of the area it takes: 1, or less where it is stones with gaps beside them. */
  double covers();

  /** How many cells it is cut into. */
  int cells();

  /** What part of its thickness each cell is, from the top; together 1. */
  double[] shares();

  /** Each cell is this many times as thick as the one before it. */
  static double[] graded(int cells, double grading) {
    double[] shares = new double[cells];
    double sum = 0;
    for (int i = 0; i < cells; i++) {
      shares[i] = Math.pow(grading, i);
      sum += shares[i];
    }
    return normalised(shares, sum);
  }

  /**
   * Finest at both faces, where heat comes and goes; the same when it is turned over.
   *
   * @param thicker how many times as thick as at the faces they are in the middle
   */
  static double[] gradedFromBothFaces(int cells, double thicker) {
    double[] shares = new double[cells];
    double sum = 0;
    double grading = cells < 3 ? 1 : Math.pow(thicker, 2.0 / (cells - 1));
    for (int i = 0; i < cells; i++) {
      shares[i] = Math.pow(grading, Math.min(i, cells - 1 - i));
      sum += shares[i];
    }
    return normalised(shares, sum);
  }

  private static double[] normalised(double[] shares, double sum) {
    for (int i = 0; i < shares.length; i++) {
      shares[i] /= sum;
    }
    return shares;
  }
}
