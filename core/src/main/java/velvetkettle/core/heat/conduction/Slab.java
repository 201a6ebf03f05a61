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

  /** Mass that holds water, kg/m2; 0 where none does. */
  double thirstyMass();

  /** Regain of that mass at 65 % relative humidity and 20 °C, kg/kg. */
  double regain();

  /** How many cells it is cut into. */
  int cells();

  /** Each cell is this much thicker than the one above it. */
  double grading();
}
