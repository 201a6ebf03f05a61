package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Film with a layer that keeps the dye gas of dark or sublimated polyester from the colour above.
 * Window: common practice, no source. Layer thicknesses: engineering estimates.
 */
public record BlockerFilm() implements Film {
  private static final Window WINDOW =
      Window.of(130, 150, 12, 15, Pressure.FIRM, Peel.COLD).usually(140, 13);

  @Override
  public String key() {
    return "film-block";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Glue glue() {
    return Glue.BLOCKER;
  }

  @Override
  public boolean blocksDye() {
    return true;
  }

  @Override
  public Palette palette() {
    return Palette.FEW;
  }

  @Override
  public int hand() {
    return 2;
  }

  @Override
  public int wear() {
    return 5;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.CARRIER, Sentence.of("layer.carrier"), 0.10, Substance.CARRIER_FILM),
        Layer.of(LayerKind.FILM, Sentence.of("layer.film"), 0.045, Substance.POLYURETHANE),
        Layer.of(LayerKind.BLOCKER, Sentence.of("layer.blocker"), 0.045, Substance.BLOCKER),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.glue"), 0.05, Substance.HOT_MELT));
  }
}
