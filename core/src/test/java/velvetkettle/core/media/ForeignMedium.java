package velvetkettle.core.media;

import java.util.EnumSet;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Surface;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Doing;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Occasion;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * A medium that no shop has, made of traits that no real one has together: a flock on web glue, cut
 * from behind and weeded, that is dyed by gas ink in the same press, primed for and steamed by
 * school, sewn round its edge, with metal in it.
 */
public final class ForeignMedium {
  public static final Medium DYED_FLOCK =
      MediumBuilder.of("flock-dyed", Family.FILM)
          .window(150, 180, 15, 40, Pressure.MEDIUM, Peel.COLD)
          .usually(165, 25)
          .carries(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.APPLIQUE)
          .gives(EnumSet.of(Surface.ANY, Surface.VELVET))
          .noGloss()
          .palette(Palette.ANY)
          .opacity(Opacity.WHITE_GROUND)
          .thinnestStroke(2.5)
          .layer(LayerKind.PAPER, "sublimation-paper", 0.11, Substance.SUBLIMATION_PAPER)
          .layer(LayerKind.INK, "sublimation-ink", 0.01, Substance.INK)
          .layer(LayerKind.FILM, "film", 0.35, Substance.FLOCK)
          .layer(LayerKind.GLUE, "web", 0.07, Substance.HOT_MELT)
          .glue(Glue.WEB)
          .bondsToShell()
          .thin()
          .nap()
          .smallParts(true)
          .metal()
          .lies(Orientation.MIRRORED, CutFace.GLUE_UP)
          .prepare("film.mirror", Doing.MIRROR)
          .prepare("sublimation.dry-print", Doing.PRINT, Doing.DRY_OUT)
          .prepare(
              Occasion.LOOSE_PARTS,
              Sentence.of("prepare.film.weed", Millimetres.of(2.5)),
              Doing.CUT_OUT,
              Doing.WEED)
          .work(400, 45, Handwork.Pace.BY_WEEDING)
          .worthFrom(3)
          .sprayed()
          .stitch(Stitch.MUST)
          .cover(CoverChoice.KRAFT)
          .before(
              ExtraPress.prime(150, 20),
              ExtraPress.tack(CoverChoice.NONE, 4).only(Occasion.WEB_ON_GARMENT))
          .after(
              ExtraPress.second(CoverChoice.SOFT), ExtraPress.fromBack(CoverChoice.PARCHMENT, 12))
          .steam(SteamUse.BY_SCHOOL)
          .onCoolDryCloth(9)
          .layering(Layering.TOP_ONLY)
          .tackedBelow()
          .bondsAgain()
          .feel(4, 5)
          .skin(3)
          .stretches()
          .wording(
              new Wording(
                  "do.place.film",
                  "do.press-still",
                  new Wording.Peeling("do.lift-paper", Peel.HOT),
                  "do.second-press",
                  "tool.iron-lifted-web",
                  Sentence.of("test.look.print"),
                  Sentence.of("glue-side.web")))
          .build();

  /** What the trade knows, and this. */
  public static final MediaCatalogue CATALOGUE = MediaCatalogue.TRADE.with(DYED_FLOCK);

  private ForeignMedium() {}
}
