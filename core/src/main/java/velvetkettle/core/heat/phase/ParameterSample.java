package velvetkettle.core.heat.phase;

/**
 * One guess at what is not known of a press and a cloth. {@link #NOMINAL} is the middle of all
 * guesses.
 *
 * @param platenOffset by how much the platen is hotter than it says, K
 * @param contact times the usual contact of the platen with what it touches
 * @param touching times the usual contact of the layers with each other
 * @param pressure times the nominal pressure
 * @param conductivity times the cloth's conductivity
 * @param thickness times the cloth's thickness
 * @param moisture times the water that the room's air explains
 */
public record ParameterSample(
    double platenOffset,
    double contact,
    double touching,
    double pressure,
    double conductivity,
    double thickness,
    double moisture) {
  public static final ParameterSample NOMINAL = new ParameterSample(0, 1, 1, 1, 1, 1, 1);
}
