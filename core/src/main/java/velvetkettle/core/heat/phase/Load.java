package velvetkettle.core.heat.phase;

import java.util.List;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;

/**
 * What really carries the closing force. Contact pressure is force over what is loaded: art lies
 * flat and carries it as it is spread, less what seams beside it take; stones stand out and carry
 * all of it alone.
 */
public final class Load {
  /** Of the area of a sheet or stencil, 30 to 80 % (common practice, no source). */
  private static final double STONES_COVER = 0.5;

  /**
   * A single stone warms cloth to twice its width while the tip is on it (engineering estimate).
   */
  private static final double ONE_STONE_COVERS = 0.25;

  private Load() {}

  /** What part of the area that takes part in it the stones take. */
  static double stonesCover(Press press) {
    return press.kind().setsSingleStones() ? ONE_STONE_COVERS : STONES_COVER;
  }

  /** Contact pressure where the medium lies, kPa. */
  public static double kiloPascal(Workplace workplace, Pressure pressure, List<Layer> layers) {
    Press press = workplace.press();
    double spread =
        press.gives(pressure, workplace.under().loaded()).count() * workplace.under().share();
    for (Layer layer : layers) {
      Millimetres height = layer.thickness();
      if (layer.substance() == Substance.STONE && height != null) {
        double width = StoneSize.widthOf(height);
        return press.kind().setsSingleStones()
            ? 1000 * press.kind().newtonsByHand() / (Math.PI / 4 * width * width)
            : spread / STONES_COVER;
      }
    }
    return spread;
  }
}
