package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.BACKING_OFF;
import static velvetkettle.core.media.trait.Doing.MIRROR;
import static velvetkettle.core.media.trait.Doing.PRINT;
import static velvetkettle.core.media.trait.Doing.TRIM;
import static velvetkettle.core.media.trait.Peel.COLD;
import static velvetkettle.core.media.trait.Peel.NONE;
import static velvetkettle.core.press.LayerKind.FILM;
import static velvetkettle.core.press.LayerKind.GLUE;
import static velvetkettle.core.press.LayerKind.PAPER;
import static velvetkettle.core.press.Pressure.FIRM;
import static velvetkettle.core.press.Pressure.MEDIUM;
import static velvetkettle.core.press.Substance.POLYURETHANE;
import static velvetkettle.core.press.Substance.PRINT_COATING;

import java.util.List;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.press.Substance;

/**
 * Art printed on a sheet whose coating goes over to the cloth. Windows: common practice, no source.
 * Layer thicknesses: engineering estimates.
 */
final class TransferPapers {
  static final List<Medium> ALL =
      List.of(
          // For white and light cloth: a clear film with the print in it.
          paper("paper-light")
              .window(175, 190, 20, 30, FIRM, COLD)
              .usually(180, 25)
              .lies(Orientation.MIRRORED, CutFace.PRINT_SIDE)
              .opacity(Opacity.TRANSPARENT)
              .layer(PAPER, "transfer-paper", 0.20, Substance.TRANSFER_PAPER)
              .layer(GLUE, "print-coating", 0.05, PRINT_COATING)
              .prepare("paper.mirror", MIRROR, PRINT)
              .prepare("paper.no-bleed")
              .prepare("paper.trim", TRIM)
              .feel(3, 2)
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING, EndUse.OUTDOORS)
              .build(),
          // For dark cloth: a white ground under the print, laid on face up without its backing.
          paper("paper-dark")
              .window(165, 180, 15, 30, MEDIUM, NONE)
              .usually(173, 22)
              .lies(Orientation.AS_SEEN, CutFace.FACE_UP)
              .opacity(Opacity.WHITE_GROUND)
              .layer(FILM, "white-ground", 0.12, POLYURETHANE)
              .layer(GLUE, "print-coating", 0.05, PRINT_COATING)
              .cover(CoverChoice.PARCHMENT)
              .prepare("paper-dark.print", PRINT)
              .prepare("paper-dark.trim", TRIM)
              .prepare("paper-dark.backing", BACKING_OFF)
              .feel(2, 2)
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .build());

  private TransferPapers() {}

  private static MediumBuilder paper(String key) {
    return MediumBuilder.of(key, Family.TRANSFER_PAPER)
        .carries(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH)
        .palette(Palette.ANY)
        .noGloss()
        .thinnestStroke(0.3)
        .glue(Glue.PAPER)
        .thin()
        .layering(Layering.ALONE)
        .dried(4)
        .work(120, 150, Handwork.Pace.BY_PIECE)
        .placing(key)
        .glueSide("paper");
  }
}
