package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;

/**
 * Film for cloth that bears little heat. Window: common practice, no source. Layer thicknesses:
 * engineering estimates.
 */
public record LowHeatFilm() implements Film {
  private static final Window WINDOW =
      Window.of(115, 130, 8, 15, Pressure.MEDIUM, Peel.COLD).usually(123, 12);

  @Override
  public String key() {
    return "film-low";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Glue glue() {
    return Glue.LOW_HEAT;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  @Override
  public Palette palette() {
    return Palette.FEW;
  }

  @Override
  public int hand() {
    return 3;
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
