package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Inkjet paper for white and light cloth: a clear film with the print in it. Window: common
 * practice, no source. Layer thicknesses: engineering estimates.
 */
public record LightTransferPaper() implements TransferPaper {
  private static final Window WINDOW =
      Window.of(175, 190, 20, 30, Pressure.FIRM, Peel.COLD).usually(180, 25);

  @Override
  public String key() {
    return "paper-light";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Orientation orientation() {
    return Orientation.MIRRORED;
  }

  @Override
  public CutFace cutFace() {
    return CutFace.PRINT_SIDE;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.NONE;
  }

  @Override
  public boolean transparent() {
    return true;
  }

  @Override
  public int hand() {
    return 3;
  }

  @Override
  public int wear() {
    return 2;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(
            LayerKind.PAPER, Sentence.of("layer.transfer-paper"), 0.20, Substance.TRANSFER_PAPER),
        Layer.of(
            LayerKind.GLUE, Sentence.of("layer.print-coating"), 0.05, Substance.PRINT_COATING));
  }

  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.paper.mirror"),
        Sentence.of("prepare.paper.no-bleed"),
        Sentence.of("prepare.paper.trim"));
  }
}
