package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Hot-fix stones: glass with glue on its back that melts into the cloth. */
public sealed interface Stones extends PressMedium permits StoneSheet, StoneStencil, StoneWand {
  @Override
  default Set<ArtKind> carries() {
    return Set.of(ArtKind.STONES);
  }

  @Override
  default CutFace cutFace() {
    return CutFace.ALREADY_MADE;
  }

  @Override
  default Glue glue() {
    return Glue.STONE;
  }

  @Override
  default Palette palette() {
    return Palette.MANY;
  }

  @Override
  default Layering layering() {
    return Layering.TOP_ONLY;
  }

  /** Stones have a look of their own, whatever else is asked for. */
  @Override
  default Set<Surface> gives() {
    return EnumSet.allOf(Surface.class);
  }

  @Override
  default Millimetres thinnestStroke() {
    return Millimetres.of(0);
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
    return 2;
  }

  @Override
  default Sentence glueSide() {
    return Sentence.of("glue-side.stone");
  }

  @Override
  default List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.STONE, Sentence.of("layer.stone"), 1.3, Substance.STONE),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.stone-glue"), 0.15, Substance.STONE_GLUE));
  }

  @Override
  default Seconds settingUp() {
    return Seconds.of(120);
  }

  /** Cloth over the stones; a paper towel where the cloth bears little heat. */
  static CoverSheet softCover(Work work) {
    return work.garment().blend().weakest().limit().compareTo(HEAT_SHY) < 0
        ? CoverSheet.PAPER_TOWEL
        : CoverSheet.COTTON;
  }

  /** Cloth that takes harm below this is heat-shy, °C [engineering estimate]. */
  Celsius HEAT_SHY = Celsius.of(180);
}
