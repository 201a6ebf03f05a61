package velvetkettle.core.media;

import java.util.EnumSet;
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
 * A printed paper laid face down on white or light polyester. Window: common practice, no source.
 * Layer thicknesses: engineering estimates.
 */
public record DirectSublimation() implements Sublimation {
  private static final Window WINDOW =
      new Window(
          CelsiusRange.of(190, 205),
          SecondsRange.of(35, 60),
          Pressure.MEDIUM,
          Peel.HOT,
          Celsius.of(196),
          Seconds.of(45));

  @Override
  public String key() {
    return "sub-direct";
  }

  @Override
  public Set<ArtKind> carries() {
    return EnumSet.complementOf(EnumSet.of(ArtKind.MADE_PATCH));
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

  /** Uncoated paper takes up the ink gas; a coated sheet would hand it on to the next shirt. */
  @Override
  public CoverSheet cover() {
    return CoverSheet.KRAFT;
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

  /** Below this the print washes out of the other fibres [common practice, no source]. */
  @Override
  public double leastPolyester() {
    return 65;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(0.3);
  }

  @Override
  public Seconds leastDrying() {
    return Seconds.of(12);
  }

  @Override
  public boolean placedOnCoolCloth() {
    return true;
  }

  @Override
  public int hand() {
    return 5;
  }

  @Override
  public int wear() {
    return 5;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(
            LayerKind.PAPER,
            Sentence.of("layer.sublimation-paper"),
            0.11,
            Substance.SUBLIMATION_PAPER),
        Layer.of(LayerKind.INK, Sentence.of("layer.sublimation-ink"), 0.01, Substance.INK));
  }

  @Override
  public List<Sentence> preparation(Artwork artwork) {
    return List.of(
        Sentence.of("prepare.sublimation.mirror"), Sentence.of("prepare.sublimation.dry-print"));
  }

  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(120);
  }

  @Override
  public Seconds settingUp() {
    return Seconds.of(300);
  }
}
