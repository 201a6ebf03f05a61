package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;

/**
 * Film that swells: pressed last, alone, and never again. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record RaisedFilm() implements Film {
  private static final Window WINDOW =
      Window.of(150, 155, 8, 10, Pressure.FIRM, Peel.HOT).usually(152, 9);

  @Override
  public String key() {
    return "film-puff";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<Surface> gives() {
    return Set.of(Surface.RAISED);
  }

  @Override
  public Layering layering() {
    return Layering.ALONE;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(2);
  }

  /** A second press would flatten it. */
  @Override
  public List<ExtraPress> after(Work work) {
    return List.of();
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
    return Film.layers(0.10, 0.1, Substance.POLYURETHANE, 0.05);
  }
}
