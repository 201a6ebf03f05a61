package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Dye that turns to gas and settles inside polyester: nothing lies on the cloth afterwards. */
public sealed interface Sublimation extends PressMedium
    permits DirectSublimation, PrimedSublimation {
  @Override
  default Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH, ArtKind.ALL_OVER_PRINT);
  }

  @Override
  default Orientation orientation() {
    return Orientation.MIRRORED;
  }

  @Override
  default CutFace cutFace() {
    return CutFace.PRINT_SIDE;
  }

  @Override
  default Glue glue() {
    return Glue.NONE;
  }

  @Override
  default Palette palette() {
    return Palette.ANY;
  }

  @Override
  default Layering layering() {
    return Layering.ALONE;
  }

  @Override
  default boolean transparent() {
    return true;
  }

  @Override
  default Millimetres thinnestStroke() {
    return Millimetres.of(0.3);
  }

  @Override
  default Seconds leastDrying() {
    return Seconds.of(12);
  }

  @Override
  default boolean placedOnCoolCloth() {
    return true;
  }

  @Override
  default Sentence glueSide() {
    return Sentence.of("glue-side.sublimation");
  }

  /** An iron's cold spots show, every one of them. */
  @Override
  default Set<PressKind> tools() {
    return EnumSet.complementOf(
        EnumSet.of(PressKind.WAND, PressKind.IRON_DRY, PressKind.IRON_STEAM));
  }

  @Override
  default List<Layer> layers() {
    return List.of(
        Layer.of(
            LayerKind.PAPER,
            Sentence.of("layer.sublimation-paper"),
            0.11,
            Substance.SUBLIMATION_PAPER),
        Layer.of(LayerKind.INK, Sentence.of("layer.sublimation-ink"), 0.01, Substance.INK));
  }

  @Override
  default Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(120);
  }

  @Override
  default Seconds settingUp() {
    return Seconds.of(300);
  }
}
