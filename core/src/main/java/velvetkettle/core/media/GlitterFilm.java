package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;

/**
 * Coarse film with glitter in it: a deeper blade, and nothing over it. Window: common practice, no
 * source. Layer thicknesses: engineering estimates.
 */
public record GlitterFilm() implements Film {
  private static final Window WINDOW =
      Window.of(155, 165, 15, 20, Pressure.FIRM, Peel.WARM).usually(160, 17);

  @Override
  public String key() {
    return "film-glitter";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<Surface> gives() {
    return Set.of(Surface.GLITTER);
  }

  @Override
  public Layering layering() {
    return Layering.TOP_ONLY;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(2);
  }

  @Override
  public int skin() {
    return 3;
  }

  @Override
  public int hand() {
    return 2;
  }

  @Override
  public int wear() {
    return 4;
  }

  @Override
  public List<Layer> layers() {
    return Film.layers(0.10, 0.20, Substance.POLYURETHANE, 0.08);
  }
}
