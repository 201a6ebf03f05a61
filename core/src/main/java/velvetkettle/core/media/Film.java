package velvetkettle.core.media;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Coloured film on a carrier, cut from behind, weeded, pressed, and freed of its carrier. */
public sealed interface Film extends PressMedium permits EverydayFilm, BlockerFilm {
  @Override
  default Orientation orientation() {
    return Orientation.MIRRORED;
  }

  @Override
  default CutFace cutFace() {
    return CutFace.GLUE_UP;
  }

  @Override
  default CoverSheet cover() {
    return CoverSheet.NONE;
  }

  @Override
  default @Nullable SecondPress secondPress(Artwork artwork) {
    return SecondPress.under(
        artwork.surface() == Surface.GLOSS ? CoverSheet.PTFE : CoverSheet.PARCHMENT);
  }

  @Override
  default Side side() {
    return Side.FACE;
  }

  @Override
  default Stitch stitch() {
    return Stitch.NOT_NEEDED;
  }

  @Override
  default boolean transparent() {
    return false;
  }

  @Override
  default double leastPolyester() {
    return 0;
  }

  /**
   * A stroke of 1 mm weeds from smooth film; 0.8 mm with a new blade [common practice, no source].
   */
  @Override
  default Millimetres thinnestStroke() {
    return Millimetres.of(1);
  }

  @Override
  default Seconds leastDrying() {
    return Seconds.of(3);
  }

  @Override
  default boolean placedOnCoolCloth() {
    return false;
  }

  @Override
  default List<Sentence> preparation(Artwork artwork) {
    return List.of(
        Sentence.of("prepare.film.mirror"),
        Sentence.of("prepare.film.load"),
        Sentence.of("prepare.film.weed", thinnestStroke()));
  }

  /**
   * Weeding grows with the area: about a minute for a palm, three for a full front [engineering
   * estimate].
   */
  @Override
  default Seconds handlingPerPiece(Artwork artwork) {
    double palms = artwork.width().count() * artwork.height().count() / 10_000;
    return Seconds.of(Math.min(600, 50 + 20 * palms + 40 * (artwork.colours() - 1)));
  }

  @Override
  default Seconds settingUp() {
    return Seconds.of(300);
  }
}
