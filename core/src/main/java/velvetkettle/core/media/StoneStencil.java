package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Stones brushed into a stencil on the cloth. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record StoneStencil() implements Stones {
  private static final Window WINDOW =
      Window.of(150, 160, 40, 60, Pressure.LIGHT, Peel.NONE).usually(155, 50);

  @Override
  public String key() {
    return "stone-stencil";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Orientation orientation() {
    return Orientation.AS_SEEN;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.COTTON;
  }

  @Override
  public CoverSheet cover(Work work) {
    return Stones.softCover(work);
  }

  /** The stencil off, then flat once more, and from the back, where the glue meets the cloth. */
  @Override
  public List<ExtraPress> after(Work work) {
    return List.of(
        ExtraPress.second(Stones.softCover(work), 10), ExtraPress.fromBack(CoverSheet.NONE, 20));
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
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.stone.glue"),
        Sentence.of("prepare.stone-stencil.paper"),
        Sentence.of("prepare.stone-stencil.brush"));
  }

  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(300);
  }
}
