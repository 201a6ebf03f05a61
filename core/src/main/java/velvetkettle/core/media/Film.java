package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.media.school.Dispute;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Coloured film on a carrier, cut from behind, weeded, pressed, and freed of its carrier. */
public sealed interface Film extends PressMedium
    permits EverydayFilm,
        StretchFilm,
        NylonFilm,
        LowHeatFilm,
        BlockerFilm,
        GlitterFilm,
        FlockFilm,
        MetallicFilm,
        ReflectiveFilm,
        RaisedFilm,
        PrintableFilm {
  @Override
  default Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO);
  }

  @Override
  default Orientation orientation() {
    return Orientation.MIRRORED;
  }

  @Override
  default CutFace cutFace() {
    return CutFace.GLUE_UP;
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
    return Sentence.of("glue-side.film");
  }

  @Override
  default Palette palette() {
    return Palette.MANY;
  }

  @Override
  default Layering layering() {
    return Layering.BOTH;
  }

  @Override
  default List<ExtraPress> after(Work work) {
    return List.of(ExtraPress.second(secondCover(work)));
  }

  /**
   * By the wanted finish; dark on dark takes gloss, which hides the edge of the glue. A shop may
   * keep to one sheet.
   */
  static CoverSheet secondCover(Work work) {
    return switch (work.schools().on(Dispute.SECOND_PRESS_COVER)) {
      case COVER_PTFE -> CoverSheet.PTFE;
      case COVER_CLOTH -> CoverSheet.COTTON;
      default -> byFinish(work);
    };
  }

  private static CoverSheet byFinish(Work work) {
    boolean darkOnDark =
        work.artwork().lightest() == Depth.DARK && work.garment().colour().depth() == Depth.DARK;
    return switch (work.artwork().surface()) {
      case GLOSS -> CoverSheet.PTFE;
      case ANY -> darkOnDark ? CoverSheet.PTFE : CoverSheet.PARCHMENT;
      default -> CoverSheet.PARCHMENT;
    };
  }

  /**
   * A stroke of 1 mm weeds from smooth film; 0.8 mm with a new blade [common practice, no source].
   */
  @Override
  default Millimetres thinnestStroke() {
    return Millimetres.of(1);
  }

  @Override
  default List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.film.mirror"),
        Sentence.of("prepare.film.load"),
        Sentence.of("prepare.film.weed", thinnestStroke()));
  }

  /**
   * Half a minute to place it, and weeding: as the art has it, else it grows with the area, about a
   * minute for a palm, three for a full front [engineering estimate].
   */
  @Override
  default Seconds handlingPerPiece(Artwork artwork) {
    Seconds weeding = artwork.weeding();
    if (weeding != null) {
      return Seconds.of(30 + weeding.count());
    }
    double palms = artwork.width().count() * artwork.height().count() / 10_000;
    return Seconds.of(Math.min(600, 50 + 20 * palms + 40 * (artwork.colours() - 1)));
  }

  @Override
  default Seconds settingUp() {
    return Seconds.of(300);
  }

  /** Carrier, film, glue; thicknesses: engineering estimates. */
  static List<Layer> layers(double carrier, double film, Substance of, double glue) {
    return List.of(
        Layer.of(LayerKind.CARRIER, Sentence.of("layer.carrier"), carrier, Substance.CARRIER_FILM),
        Layer.of(LayerKind.FILM, Sentence.of("layer.film"), film, of),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.glue"), glue, Substance.HOT_MELT));
  }
}
