package velvetkettle.core.heat.conduction;

/**
 * The heat account of a phase, J/m2.
 *
 * @param in through the top
 * @param stored in layers and their water, which counts from 0 °C
 * @param latent taken along by the vapour that fibres gave, counted likewise
 * @param out through the bottom
 */
public record Energy(double in, double stored, double latent, double out) {
  /** What does not add up, as a share of the largest of them. */
  public double imbalance() {
    double size = Math.max(Math.abs(in), Math.max(Math.abs(stored), Math.abs(latent) + 1e-9));
    return Math.abs(in - stored - latent - out) / size;
  }
}
