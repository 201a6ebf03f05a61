package velvetkettle.core.media;

import java.util.Set;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Art printed on a sheet whose coating goes over to the cloth. */
public sealed interface TransferPaper extends PressMedium
    permits LightTransferPaper, DarkTransferPaper {
  @Override
  default Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH);
  }

  @Override
  default Glue glue() {
    return Glue.PAPER;
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
  default Millimetres thinnestStroke() {
    return Millimetres.of(0.3);
  }

  @Override
  default Seconds leastDrying() {
    return Seconds.of(4);
  }

  @Override
  default Sentence glueSide() {
    return Sentence.of("glue-side.paper");
  }

  @Override
  default Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(150);
  }

  @Override
  default Seconds settingUp() {
    return Seconds.of(120);
  }
}
