package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;

/**
 * Velvet to the hand: a pile that a bare platen would flatten. Window: common practice, no source.
 * Layer thicknesses: engineering estimates.
 */
public record FlockFilm() implements Film {
  private static final Window WINDOW =
      Window.of(155, 165, 15, 20, Pressure.MEDIUM, Peel.COLD).usually(160, 17);

  @Override
  public String key() {
    return "film-flock";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<Surface> gives() {
    return Set.of(Surface.VELVET);
  }

  @Override
  public Layering layering() {
    return Layering.TOP_ONLY;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(2);
  }

  /** Never bare: the sheet keeps the pile up. */
  @Override
  public List<ExtraPress> after(Work work) {
    return List.of(ExtraPress.second(CoverSheet.COTTON));
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
    return Film.layers(0.10, 0.35, Substance.FLOCK, 0.08);
  }

  @Override
  public boolean hasNap() {
    return true;
  }
}
