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
 * Strong web that holds without sewing and gums a needle. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record StrongWeb() implements Web {
  private static final Window WINDOW =
      Window.of(145, 160, 6, 10, Pressure.MEDIUM, Peel.NONE).usually(152, 10);

  @Override
  public String key() {
    return "web-strong";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.COTTON;
  }

  /** Heat hardly gets through the pressing cloth and the piece in so short a press. */
  @Override
  public List<ExtraPress> after(Work work) {
    return List.of(ExtraPress.fromBack(CoverSheet.PARCHMENT, 10));
  }

  @Override
  public Stitch stitch() {
    return Stitch.NEVER;
  }

  @Override
  public Seconds tack() {
    return Seconds.of(5);
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
    return List.of(
        Layer.of(LayerKind.PATCH, Sentence.of("layer.applique"), 0.25, Substance.POLYESTER_PANEL),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.web"), 0.07, Substance.HOT_MELT));
  }
}
