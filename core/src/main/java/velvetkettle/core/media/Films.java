package velvetkettle.core.media;

import static velvetkettle.core.cloth.EndUse.DRY_CLEANING;
import static velvetkettle.core.cloth.EndUse.INDUSTRIAL_WASH;
import static velvetkettle.core.cloth.EndUse.OUTDOORS;
import static velvetkettle.core.media.trait.Doing.BACKING_OFF;
import static velvetkettle.core.media.trait.Doing.CUT_OUT;
import static velvetkettle.core.media.trait.Doing.DRY_OUT;
import static velvetkettle.core.media.trait.Doing.MASK;
import static velvetkettle.core.media.trait.Doing.MIRROR;
import static velvetkettle.core.media.trait.Doing.PRINT;
import static velvetkettle.core.media.trait.Doing.WEED;
import static velvetkettle.core.media.trait.Peel.COLD;
import static velvetkettle.core.media.trait.Peel.HOT;
import static velvetkettle.core.media.trait.Peel.NONE;
import static velvetkettle.core.media.trait.Peel.WARM;
import static velvetkettle.core.press.LayerKind.BLOCKER;
import static velvetkettle.core.press.LayerKind.CARRIER;
import static velvetkettle.core.press.LayerKind.FILM;
import static velvetkettle.core.press.LayerKind.GLUE;
import static velvetkettle.core.press.Pressure.FIRM;
import static velvetkettle.core.press.Pressure.MEDIUM;
import static velvetkettle.core.press.Substance.CARRIER_FILM;
import static velvetkettle.core.press.Substance.FLOCK;
import static velvetkettle.core.press.Substance.HOT_MELT;
import static velvetkettle.core.press.Substance.POLYURETHANE;

import java.util.List;
import java.util.Set;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Surface;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Occasion;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * Coloured film on a carrier, cut from behind, weeded, pressed, and freed of its carrier. Windows:
 * common practice, no source. Layer thicknesses: engineering estimates.
 */
final class Films {
  static final List<Medium> ALL =
      List.of(
          // Smooth polyurethane for everyday garments.
          film("film-smooth", 1, POLYURETHANE, 0.045, 0.05)
              .window(150, 160, 10, 15, MEDIUM, WARM)
              .usually(155, 12)
              .feel(3, 5)
              .bears(INDUSTRIAL_WASH, OUTDOORS)
              .build(),
          // Elastic, for sportswear and anything with elastane.
          film("film-stretch", 1, POLYURETHANE, 0.05, 0.05)
              .window(145, 155, 10, 15, MEDIUM, WARM)
              .usually(150, 12)
              .feel(4, 4)
              .stretches()
              .bears(OUTDOORS)
              .build(),
          // Its glue wets nylon shells and repellent finishes; cotton soaks up what would leave a
          // shiny border.
          film("film-nylon", 1, POLYURETHANE, 0.05, 0.05)
              .window(130, 145, 6, 12, MEDIUM, WARM)
              .usually(140, 9)
              .glue(Glue.NYLON)
              .bondsToShell()
              .palette(Palette.FEW)
              .layering(Layering.ALONE)
              .after(ExtraPress.second(CoverChoice.COTTON))
              .feel(3, 4)
              .bears(OUTDOORS)
              .build(),
          // For cloth that bears little heat.
          film("film-low", 1, POLYURETHANE, 0.05, 0.05)
              .window(115, 130, 8, 15, MEDIUM, COLD)
              .usually(123, 12)
              .glue(Glue.LOW_HEAT)
              .cover(CoverChoice.PARCHMENT)
              .palette(Palette.FEW)
              .feel(3, 4)
              .refuses(INDUSTRIAL_WASH, DRY_CLEANING)
              .build(),
          // A layer in it keeps the dye gas of dark or sublimated polyester from the colour above.
          film("film-block", 1)
              .window(130, 150, 12, 15, FIRM, COLD)
              .usually(140, 13)
              .layer(CARRIER, "carrier", 0.10, CARRIER_FILM)
              .layer(FILM, "film", 0.045, POLYURETHANE)
              .layer(BLOCKER, "blocker", 0.045, Substance.BLOCKER)
              .layer(GLUE, "glue", 0.05, HOT_MELT)
              .glue(Glue.BLOCKER)
              .blocksDye()
              .palette(Palette.FEW)
              .feel(2, 5)
              .bears(OUTDOORS)
              .build(),
          // Coarse, with glitter in it: a deeper blade, and nothing over it.
          film("film-glitter", 2, POLYURETHANE, 0.20, 0.08)
              .window(155, 165, 15, 20, FIRM, WARM)
              .usually(160, 17)
              .gives(Set.of(Surface.GLITTER))
              .layering(Layering.TOP_ONLY)
              .feel(2, 4)
              .skin(3)
              .refuses(DRY_CLEANING)
              .notForSkin()
              .build(),
          // Velvet to the hand: a pile that a bare platen would flatten, so never bare.
          film("film-flock", 2, FLOCK, 0.35, 0.08)
              .window(155, 165, 15, 20, MEDIUM, COLD)
              .usually(160, 17)
              .gives(Set.of(Surface.VELVET))
              .nap()
              .layering(Layering.TOP_ONLY)
              .after(ExtraPress.second(CoverChoice.COTTON))
              .feel(4, 4)
              .refuses(INDUSTRIAL_WASH)
              .build(),
          // Metallic, foil and hologram.
          film("film-metal", 1, POLYURETHANE, 0.03, 0.05)
              .window(140, 155, 10, 15, MEDIUM, COLD)
              .usually(148, 12)
              .gives(Set.of(Surface.METALLIC))
              .nap()
              .layering(Layering.TOP_ONLY)
              .cover(CoverChoice.PARCHMENT)
              .feel(2, 3)
              .metalLayer()
              .refuses(INDUSTRIAL_WASH, DRY_CLEANING)
              .notForSkin()
              .build(),
          // Glass beads in it throw light back.
          film("film-reflect", 1, POLYURETHANE, 0.08, 0.05)
              .window(145, 155, 10, 15, MEDIUM, COLD)
              .usually(150, 13)
              .gives(Set.of(Surface.REFLECTIVE))
              .layering(Layering.TOP_ONLY)
              .cover(CoverChoice.PARCHMENT)
              .palette(Palette.FEW)
              .feel(2, 4)
              .metalLayer()
              .bears(OUTDOORS)
              .refuses(DRY_CLEANING)
              .build(),
          // Swells: pressed last, alone, and never again.
          film("film-puff", 2, POLYURETHANE, 0.1, 0.05)
              .window(150, 155, 8, 10, FIRM, HOT)
              .usually(152, 9)
              .gives(Set.of(Surface.RAISED))
              .layering(Layering.ALONE)
              .flattens()
              .after()
              .feel(2, 3)
              .refuses(INDUSTRIAL_WASH, DRY_CLEANING)
              .build(),
          // Printed and then cut round; its backing comes off before it is pressed, face up.
          base("film-print", 1)
              .window(140, 160, 15, 30, MEDIUM, NONE)
              .usually(150, 20)
              .carries(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH)
              .lies(Orientation.AS_SEEN, CutFace.FACE_UP)
              .layer(FILM, "printed-film", 0.09, POLYURETHANE)
              .layer(GLUE, "glue", 0.05, HOT_MELT)
              .palette(Palette.ANY)
              .cover(CoverChoice.BY_GLOSS)
              .placing("printed-film")
              .glueSide("printed-film")
              .prepare("printed-film.print", PRINT, DRY_OUT)
              .prepare("printed-film.cut", CUT_OUT)
              .prepare(Occasion.LOOSE_PARTS, Sentence.of("prepare.printed-film.mask"), MASK)
              .prepare(Occasion.ONE_SHAPE, Sentence.of("prepare.printed-film.no-mask"))
              .prepare("printed-film.backing", BACKING_OFF)
              .feel(3, 4)
              .refuses(DRY_CLEANING)
              .build());

  private Films() {}

  private static MediumBuilder film(
      String key, double stroke, Substance of, double film, double glue) {
    return film(key, stroke)
        .layer(CARRIER, "carrier", 0.10, CARRIER_FILM)
        .layer(FILM, "film", film, of)
        .layer(GLUE, "glue", glue, HOT_MELT);
  }

  /** A stroke weeds from so many mm on: 1 mm in smooth film [common practice, no source]. */
  private static MediumBuilder film(String key, double stroke) {
    return base(key, stroke)
        .lies(Orientation.MIRRORED, CutFace.GLUE_UP)
        .prepare("film.mirror", MIRROR)
        .prepare("film.load", CUT_OUT)
        .prepare(Occasion.ALWAYS, Sentence.of("prepare.film.weed", Millimetres.of(stroke)), WEED)
        .prepare(Occasion.SEVERAL_COLOURS, Sentence.of("prepare.film.marks"))
        .after(ExtraPress.second(CoverChoice.BY_FINISH));
  }

  private static MediumBuilder base(String key, double stroke) {
    return MediumBuilder.of(key, Family.FILM)
        .carries(ArtKind.LETTERING, ArtKind.LOGO)
        .thinnestStroke(stroke)
        .tackedBelow()
        .work(300, 30, Handwork.Pace.BY_WEEDING);
  }
}
