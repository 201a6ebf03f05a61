package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;

/**
 * Film with glass beads that throws light back. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record ReflectiveFilm() implements Film {
  private static final Window WINDOW =
      Window.of(145, 155, 10, 15, Pressure.MEDIUM, Peel.COLD).usually(150, 13);

  @Override
  public String key() {
    return "film-reflect";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<Surface> gives() {
    return Set.of(Surface.REFLECTIVE);
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
  public Palette palette() {
    return Palette.FEW;
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
    return Film.layers(0.10, 0.08, Substance.POLYURETHANE, 0.05);
  }
}
