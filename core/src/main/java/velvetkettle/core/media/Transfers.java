package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.TRIM;
import static velvetkettle.core.media.trait.Peel.HOT;
import static velvetkettle.core.media.trait.Peel.WARM;
import static velvetkettle.core.press.LayerKind.CARRIER;
import static velvetkettle.core.press.LayerKind.FILM;
import static velvetkettle.core.press.LayerKind.GLUE;
import static velvetkettle.core.press.Pressure.MEDIUM;
import static velvetkettle.core.press.Substance.CARRIER_FILM;
import static velvetkettle.core.press.Substance.HOT_MELT;
import static velvetkettle.core.press.Substance.POLYURETHANE;

import java.util.List;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;

/**
 * Prints made elsewhere or beforehand, with their own glue, already reversed on their carrier. A
 * second press melts in the rim of glue that stands a little past the print. Windows: common
 * practice, no source. Layer thicknesses: engineering estimates.
 */
final class Transfers {
  static final List<Medium> ALL =
      List.of(
          // A digital print on film with powdered glue; a sheet is printed, powdered and cured.
          transfer("xfer-dtf")
              .window(140, 160, 8, 15, MEDIUM, WARM)
              .usually(150, 12)
              .carries(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH)
              .palette(Palette.ANY)
              .layer(CARRIER, "carrier", 0.08, CARRIER_FILM)
              .layer(FILM, "printed-film", 0.03, POLYURETHANE)
              .layer(GLUE, "glue", 0.08, HOT_MELT)
              .work(900, 40, Handwork.Pace.BY_PIECE)
              .feel(3, 4)
              .stretches()
              .refuses(EndUse.DRY_CLEANING)
              .build(),
          // A screen print, ordered in a run: flat colours, a screen for each of them.
          transfer("xfer-screen")
              .window(140, 175, 6, 12, MEDIUM, HOT)
              .usually(160, 9)
              .carries(ArtKind.LETTERING, ArtKind.LOGO)
              .layer(CARRIER, "carrier", 0.10, CARRIER_FILM)
              .layer(FILM, "printed-film", 0.03, POLYURETHANE)
              .layer(GLUE, "glue", 0.06, HOT_MELT)
              .work(1800, 40, Handwork.Pace.BY_PIECE)
              .worthFrom(20)
              .feel(4, 5)
              .bears(EndUse.INDUSTRIAL_WASH, EndUse.OUTDOORS)
              .build());

  private Transfers() {}

  private static MediumBuilder transfer(String key) {
    return MediumBuilder.of(key, Family.TRANSFER)
        .lies(Orientation.ALREADY_REVERSED, CutFace.ALREADY_MADE)
        .thinnestStroke(0.5)
        .thin()
        .bondsToShell()
        .placing("transfer")
        .glueSide("transfer")
        .prepare("transfer.trim", TRIM)
        .prepare("transfer.rim")
        .after(ExtraPress.second(CoverChoice.BY_FINISH));
  }
}
