package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** A print made elsewhere or beforehand, with its own glue, already reversed on its carrier. */
public sealed interface Transfer extends PressMedium permits DigitalTransfer, ScreenTransfer {
  @Override
  default Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH);
  }

  @Override
  default Orientation orientation() {
    return Orientation.ALREADY_REVERSED;
  }

  @Override
  default CutFace cutFace() {
    return CutFace.ALREADY_MADE;
  }

  @Override
  default Glue glue() {
    return Glue.EVERYDAY;
  }

  @Override
  default CoverSheet cover() {
    return CoverSheet.NONE;
  }

  @Override
  default Sentence glueSide() {
    return Sentence.of("glue-side.transfer");
  }

  /** Melts in the rim of glue that stands a little past the print. */
  @Override
  default List<ExtraPress> after(Work work) {
    return List.of(ExtraPress.second(Film.secondCover(work)));
  }

  @Override
  default List<Sentence> preparation(Work work) {
    return List.of(Sentence.of("prepare.transfer.trim"), Sentence.of("prepare.transfer.rim"));
  }

  @Override
  default Layering layering() {
    return Layering.BOTH;
  }

  @Override
  default boolean bondsToShell() {
    return true;
  }

  @Override
  default Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(40);
  }
}
