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
 * Stones arranged on a carrier sheet. Window: common practice, no source. Layer thicknesses:
 * engineering estimates.
 */
public record StoneSheet() implements Stones {
  private static final Window WINDOW =
      Window.of(150, 170, 15, 60, Pressure.MEDIUM, Peel.COLD).usually(160, 30);

  @Override
  public String key() {
    return "stone-sheet";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Orientation orientation() {
    return Orientation.ALREADY_REVERSED;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.COTTON;
  }

  @Override
  public CoverSheet cover(Work work) {
    return Stones.softCover(work);
  }

  /** Once more without the film, then from the back, where the glue meets the cloth. */
  @Override
  public List<ExtraPress> after(Work work) {
    return List.of(
        ExtraPress.second(Stones.softCover(work), 15), ExtraPress.fromBack(CoverSheet.NONE, 18));
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
    return List.of(
        Layer.of(
            LayerKind.CARRIER, Sentence.of("layer.stone-carrier"), 0.10, Substance.CARRIER_FILM),
        Layer.of(LayerKind.STONE, Sentence.of("layer.stone"), 1.3, Substance.STONE),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.stone-glue"), 0.15, Substance.STONE_GLUE));
  }

  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.stone.glue"),
        Sentence.of("prepare.stone-sheet.finger"),
        Sentence.of("prepare.stone-sheet.spares"));
  }

  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(90);
  }
}
