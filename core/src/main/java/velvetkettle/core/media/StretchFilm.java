package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;

/**
 * Elastic film for sportswear and anything with elastane. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record StretchFilm() implements Film {
  private static final Window WINDOW =
      Window.of(145, 155, 10, 15, Pressure.MEDIUM, Peel.WARM).usually(150, 12);

  @Override
  public String key() {
    return "film-stretch";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public boolean stretches() {
    return true;
  }

  @Override
  public int hand() {
    return 4;
  }

  @Override
  public int wear() {
    return 4;
  }

  @Override
  public List<Layer> layers() {
    return Film.layers(0.10, 0.05, Substance.POLYURETHANE, 0.05);
  }
}
