package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A made patch on strong fusible web, tacked from the face and fused from the back, because heat
 * reaches the glue through the garment and hardly through embroidery. Window: common practice, no
 * source. Layer thicknesses: engineering estimates.
 */
public record StrongWebPatch() implements Patch {
  private static final Window WINDOW =
      Window.of(150, 170, 10, 30, Pressure.MEDIUM, Peel.NONE).usually(160, 20);

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
  public Glue glue() {
    return Glue.WEB;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.COTTON;
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
  public Palette palette() {
    return Palette.ANY;
  }

  @Override
  public Layering layering() {
    return Layering.BOTH;
  }

  @Override
  public Set<Surface> gives() {
    return EnumSet.allOf(Surface.class);
  }

  @Override
  public boolean hasOwnGround() {
    return true;
  }

  @Override
  public boolean smallParts() {
    return true;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(0);
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
  public int skin() {
    return 3;
  }

  @Override
  public Sentence glueSide() {
    return Sentence.of("glue-side.web");
  }

  /** Keeps the patch in place while the garment is turned: 6 to 8 s. */
  @Override
  public List<ExtraPress> before(Work work) {
    return List.of(ExtraPress.tack(CoverSheet.COTTON, 7));
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.PATCH, Sentence.of("layer.patch"), 1.3, Substance.EMBROIDERY),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.strong-web"), 0.07, Substance.HOT_MELT));
  }

  /**
   * A base that does not pucker, a stabiliser that comes away, and the web a little inside the
   * edge.
   */
  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.patch.base"),
        Sentence.of("prepare.patch.stabiliser"),
        Sentence.of("prepare.patch.web"),
        Sentence.of("prepare.patch.paper-off"));
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
