package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;

/**
 * Metallic, foil and hologram film. Window: common practice, no source. Layer thicknesses:
 * engineering estimates.
 */
public record MetallicFilm() implements Film {
  private static final Window WINDOW =
      Window.of(140, 155, 10, 15, Pressure.MEDIUM, Peel.COLD).usually(148, 12);

  @Override
  public String key() {
    return "film-metal";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<Surface> gives() {
    return Set.of(Surface.METALLIC);
  }

  @Override
  public Layering layering() {
    return Layering.TOP_ONLY;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  @Override
  public int hand() {
    return 2;
  }

  @Override
  public int wear() {
    return 3;
  }

  @Override
  public List<Layer> layers() {
    return Film.layers(0.10, 0.03, Substance.POLYURETHANE, 0.05);
  }

  @Override
  public boolean hasNap() {
    return true;
  }
}
