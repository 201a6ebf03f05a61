package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;

/**
 * Film whose glue wets nylon shells and repellent finishes. Window: common practice, no source.
 * Layer thicknesses: engineering estimates.
 */
public record NylonFilm() implements Film {
  private static final Window WINDOW =
      Window.of(130, 145, 6, 12, Pressure.MEDIUM, Peel.WARM).usually(140, 9);

  @Override
  public String key() {
    return "film-nylon";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Glue glue() {
    return Glue.NYLON;
  }

  @Override
  public boolean bondsToShell() {
    return true;
  }

  @Override
  public Palette palette() {
    return Palette.FEW;
  }

  @Override
  public Layering layering() {
    return Layering.ALONE;
  }

  /** Cotton soaks up the glue that would leave a shiny border. */
  @Override
  public List<ExtraPress> after(Work work) {
    return List.of(ExtraPress.second(CoverSheet.COTTON));
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
