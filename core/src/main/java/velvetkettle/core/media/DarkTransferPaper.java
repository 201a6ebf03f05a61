package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Inkjet paper for dark cloth: a white ground under the print, laid on face up without its backing.
 * Window: common practice, no source. Layer thicknesses: engineering estimates.
 */
public record DarkTransferPaper() implements TransferPaper {
  private static final Window WINDOW =
      Window.of(165, 180, 15, 30, Pressure.MEDIUM, Peel.NONE).usually(173, 22);

  @Override
  public String key() {
    return "paper-dark";
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
  public CutFace cutFace() {
    return CutFace.FACE_UP;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  @Override
  public int hand() {
    return 2;
  }

  @Override
  public int wear() {
    return 2;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.FILM, Sentence.of("layer.white-ground"), 0.12, Substance.POLYURETHANE),
        Layer.of(
            LayerKind.GLUE, Sentence.of("layer.print-coating"), 0.05, Substance.PRINT_COATING));
  }

  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.paper-dark.print"),
        Sentence.of("prepare.paper-dark.trim"),
        Sentence.of("prepare.paper-dark.backing"));
  }
}
