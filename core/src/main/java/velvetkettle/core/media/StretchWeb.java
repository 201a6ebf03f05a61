package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Web for knits, fused with steam through a damp cloth. Its own sheet comes first: the window is an
 * engineering estimate. Window: common practice, no source. Layer thicknesses: engineering
 * estimates.
 */
public record StretchWeb() implements Web {
  private static final Window WINDOW =
      Window.of(140, 160, 10, 20, Pressure.LIGHT, Peel.NONE).usually(150, 15);

  @Override
  public String key() {
    return "web-stretch";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.COTTON;
  }

  @Override
  public boolean stretches() {
    return true;
  }

  @Override
  public boolean wantsSteam() {
    return true;
  }

  @Override
  public Set<PressKind> tools() {
    return EnumSet.of(PressKind.IRON_STEAM);
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
    return 3;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.PATCH, Sentence.of("layer.applique"), 0.25, Substance.POLYESTER_PANEL),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.web"), 0.04, Substance.HOT_MELT));
  }
}
