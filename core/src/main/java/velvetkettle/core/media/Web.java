package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.media.school.School;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Fusible web between a piece of other cloth and the garment. */
public sealed interface Web extends PressMedium permits LightWeb, StrongWeb, StretchWeb, DoubleWeb {
  @Override
  default Set<ArtKind> carries() {
    return Set.of(ArtKind.APPLIQUE);
  }

  @Override
  default Orientation orientation() {
    return Orientation.AS_SEEN;
  }

  @Override
  default CutFace cutFace() {
    return CutFace.FACE_UP;
  }

  @Override
  default Glue glue() {
    return Glue.WEB;
  }

  @Override
  default Palette palette() {
    return Palette.MANY;
  }

  @Override
  default Layering layering() {
    return Layering.BOTH;
  }

  /** The surface is that of the cloth that is put on. */
  @Override
  default Set<Surface> gives() {
    return EnumSet.allOf(Surface.class);
  }

  @Override
  default Millimetres thinnestStroke() {
    return Millimetres.of(3);
  }

  @Override
  default boolean hasOwnGround() {
    return true;
  }

  @Override
  default boolean smallParts() {
    return true;
  }

  @Override
  default int skin() {
    return 4;
  }

  @Override
  default Sentence glueSide() {
    return Sentence.of("glue-side.web");
  }

  /** On the piece, unless the shop lays the web on the garment first and tacks it there. */
  @Override
  default List<ExtraPress> before(Work work) {
    return webOnGarment(work)
        ? List.of(ExtraPress.tack(CoverSheet.NONE, tack().count()))
        : List.of();
  }

  /** How long the web is pressed through its paper to stay where it is. */
  Seconds tack();

  static boolean webOnGarment(Work work) {
    return work.schools().keepTo(School.WEB_ON_GARMENT);
  }

  @Override
  default List<Sentence> preparation(Work work) {
    return webOnGarment(work)
        ? List.of(Sentence.of("prepare.web.cut"), Sentence.of("prepare.web.cut-web"))
        : List.of(
            Sentence.of("prepare.web.fuse", tack()),
            Sentence.of("prepare.web.cut"),
            Sentence.of("prepare.web.paper-off"));
  }

  @Override
  default Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(240);
  }

  @Override
  default Seconds settingUp() {
    return Seconds.of(120);
  }

  /** The cloth that it is fused to has a grain. */
  @Override
  default boolean hasNap() {
    return true;
  }
}
