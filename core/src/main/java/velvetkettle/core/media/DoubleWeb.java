package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Web with glue on both sides that makes one cloth of two, for strength or as a ground. Window:
 * common practice, no source. Layer thicknesses: engineering estimates.
 */
public record DoubleWeb() implements Web {
  private static final Window WINDOW =
      Window.of(150, 160, 5, 15, Pressure.MEDIUM, Peel.NONE).usually(155, 10);

  @Override
  public String key() {
    return "web-double";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<ArtKind> carries() {
    return Set.of(ArtKind.SECOND_LAYER);
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  @Override
  public boolean smallParts() {
    return false;
  }

  @Override
  public Seconds tack() {
    return Seconds.of(3);
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
    return List.of(
        Layer.of(LayerKind.PATCH, Sentence.of("layer.applique"), 0.25, Substance.POLYESTER_PANEL),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.web"), 0.04, Substance.HOT_MELT));
  }
}
