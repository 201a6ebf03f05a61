package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Light web, which a needle goes through: the wash breaks the glue, so the edge is sewn. Window:
 * common practice, no source. Layer thicknesses: engineering estimates.
 */
public record LightWeb() implements Web {
  private static final Window WINDOW =
      Window.of(150, 160, 10, 30, Pressure.LIGHT, Peel.NONE).usually(152, 15);

  @Override
  public String key() {
    return "web-light";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  @Override
  public Stitch stitch() {
    return Stitch.MUST;
  }

  @Override
  public Seconds tack() {
    return Seconds.of(3);
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
    return List.of(
        Layer.of(LayerKind.PATCH, Sentence.of("layer.applique"), 0.25, Substance.POLYESTER_PANEL),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.web"), 0.04, Substance.HOT_MELT));
  }

  /** With the sewing. */
  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(540);
  }
}
