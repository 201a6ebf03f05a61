package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A screen print with glue, ordered in a run. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record ScreenTransfer() implements Transfer {
  private static final Window WINDOW =
      Window.of(140, 175, 6, 12, Pressure.MEDIUM, Peel.HOT).usually(160, 9);

  @Override
  public String key() {
    return "xfer-screen";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Palette palette() {
    return Palette.MANY;
  }

  /** Flat colours; a photograph is for other prints. */
  @Override
  public Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO);
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(0.5);
  }

  /** A screen for each colour: worth it from about twenty alike pieces. */
  @Override
  public int worthFrom() {
    return 20;
  }

  @Override
  public Seconds settingUp() {
    return Seconds.of(1800);
  }

  @Override
  public int hand() {
    return 4;
  }

  @Override
  public int wear() {
    return 5;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.CARRIER, Sentence.of("layer.carrier"), 0.10, Substance.CARRIER_FILM),
        Layer.of(LayerKind.FILM, Sentence.of("layer.printed-film"), 0.03, Substance.POLYURETHANE),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.glue"), 0.06, Substance.HOT_MELT));
  }
}
