package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.quantity.Sentence;

/**
 * Inkjet paper for white and light cloth: a clear film with the print in it. Window: common
 * practice, no source. Layer thicknesses: engineering estimates.
 */
public record LightTransferPaper() implements TransferPaper {
  private static final Window WINDOW =
      new Window(
          CelsiusRange.of(175, 190),
          SecondsRange.of(20, 30),
          Pressure.FIRM,
          Peel.COLD,
          Celsius.of(180),
          Seconds.of(25));

  @Override
  public String key() {
    return "paper-light";
  }

  @Override
  public Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH);
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
  public @Nullable SecondPress secondPress(Artwork artwork) {
    return null;
  }

  @Override
  public Side side() {
    return Side.FACE;
  }

  @Override
  public Stitch stitch() {
    return Stitch.NOT_NEEDED;
  }

  @Override
  public boolean transparent() {
    return true;
  }

  @Override
  public boolean blocksDye() {
    return false;
  }

  @Override
  public double leastPolyester() {
    return 0;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(0.3);
  }

  @Override
  public Seconds leastDrying() {
    return Seconds.of(4);
  }

  @Override
  public boolean placedOnCoolCloth() {
    return false;
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
  public List<Sentence> preparation(Artwork artwork) {
    return List.of(
        Sentence.of("prepare.paper.mirror"),
        Sentence.of("prepare.paper.no-bleed"),
        Sentence.of("prepare.paper.trim"));
  }

  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(150);
  }

  @Override
  public Seconds settingUp() {
    return Seconds.of(120);
  }
}
