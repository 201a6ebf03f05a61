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
 * A made patch on strong fusible web, tacked from the face and fused from the back, because heat
 * reaches the glue through the garment and hardly through embroidery. Window: common practice, no
 * source. Layer thicknesses: engineering estimates.
 */
public record StrongWebPatch() implements Patch {
  /** The tack that keeps the patch in place while the garment is turned: 6 to 8 s. */
  public static final Seconds TACK = Seconds.of(7);

  private static final Window WINDOW =
      new Window(
          CelsiusRange.of(150, 170),
          SecondsRange.of(10, 30),
          Pressure.MEDIUM,
          Peel.NONE,
          Celsius.of(160),
          Seconds.of(20));

  @Override
  public String key() {
    return "patch-web";
  }

  @Override
  public Set<ArtKind> carries() {
    return Set.of(ArtKind.MADE_PATCH);
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
    return CutFace.ALREADY_MADE;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.COTTON;
  }

  @Override
  public @Nullable SecondPress secondPress(Artwork artwork) {
    return null;
  }

  @Override
  public Side side() {
    return Side.BACK;
  }

  /** Strong web gums the needle. */
  @Override
  public Stitch stitch() {
    return Stitch.NEVER;
  }

  @Override
  public boolean transparent() {
    return false;
  }

  /** A patch has its own ground: dye gas does not show through it. */
  @Override
  public boolean blocksDye() {
    return true;
  }

  @Override
  public double leastPolyester() {
    return 0;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(0);
  }

  @Override
  public Seconds leastDrying() {
    return Seconds.of(3);
  }

  @Override
  public boolean placedOnCoolCloth() {
    return false;
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
        Layer.of(LayerKind.PATCH, Sentence.of("layer.patch"), 1.3, Substance.EMBROIDERY),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.strong-web"), 0.07, Substance.HOT_MELT));
  }

  @Override
  public List<Sentence> preparation(Artwork artwork) {
    return List.of(Sentence.of("prepare.patch.web"), Sentence.of("prepare.patch.paper-off"));
  }

  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(180);
  }

  @Override
  public Seconds settingUp() {
    return Seconds.of(120);
  }
}
