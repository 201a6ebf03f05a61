package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;

/**
 * Smooth polyurethane heat-transfer film. Window: common practice, no source. Layer thicknesses:
 * engineering estimates.
 */
public record EverydayFilm() implements Film {
  private static final Window WINDOW =
      Window.of(150, 160, 10, 15, Pressure.MEDIUM, Peel.WARM).usually(155, 12);

  @Override
  public String key() {
    return "film-smooth";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public int hand() {
    return 3;
  }

  @Override
  public int wear() {
    return 5;
  }

  @Override
  public List<Layer> layers() {
    return Film.layers(0.10, 0.045, Substance.POLYURETHANE, 0.05);
  }
}
