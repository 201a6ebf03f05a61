package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.CUT_WEB;
import static velvetkettle.core.media.trait.Doing.DRY_OUT;
import static velvetkettle.core.media.trait.Doing.FUSE_WEB;
import static velvetkettle.core.media.trait.Doing.MIRROR;
import static velvetkettle.core.media.trait.Doing.PAPER_OFF;
import static velvetkettle.core.media.trait.Doing.PRINT;
import static velvetkettle.core.media.trait.Doing.SEW_PATCH;
import static velvetkettle.core.media.trait.Doing.STABILISER_OFF;
import static velvetkettle.core.media.trait.Doing.TRIM;
import static velvetkettle.core.media.trait.Peel.NONE;
import static velvetkettle.core.press.LayerKind.GLUE;
import static velvetkettle.core.press.LayerKind.PATCH;
import static velvetkettle.core.press.PressKind.IRON_DRY;
import static velvetkettle.core.press.PressKind.IRON_STEAM;
import static velvetkettle.core.press.PressKind.WAND;
import static velvetkettle.core.press.Pressure.MEDIUM;
import static velvetkettle.core.press.Substance.HOT_MELT;

import java.util.EnumSet;
import java.util.List;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Occasion;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Made patches on fusible web, tacked from the face and fused from the back, because heat reaches
 * the glue through the garment and hardly through embroidery. Windows: common practice, no source.
 * Layer thicknesses: engineering estimates.
 */
final class Patches {
  static final List<Medium> ALL =
      List.of(
          // A base that does not pucker, a stabiliser that comes away, and strong web, which gums a
          // needle, a little inside the edge.
          patch("patch-web", "patch", 1.3, Substance.EMBROIDERY)
              .window(150, 170, 10, 30, MEDIUM, NONE)
              .usually(160, 20)
              .carries(ArtKind.MADE_PATCH, ArtKind.BADGE)
              .sprayed()
              .prepare(Occasion.MADE_HERE, Sentence.of("prepare.patch.base"), SEW_PATCH)
              .prepare(
                  Occasion.MADE_HERE,
                  Sentence.of("prepare.patch.stabiliser"),
                  STABILISER_OFF,
                  DRY_OUT)
              .prepare(Occasion.BOUGHT, Sentence.of("prepare.patch.look"))
              .fuse(Occasion.ALWAYS, "patch.fuse", 7, CUT_WEB, FUSE_WEB)
              .prepare(Occasion.MADE_HERE, Sentence.of("prepare.patch.cut-out"), TRIM)
              .prepare("patch.paper-off", PAPER_OFF)
              .work(120, 180, Handwork.Pace.BY_PIECE)
              .bears(EndUse.OUTDOORS)
              .build(),
          // A polyester blank that is printed here first. Its print is gas in waiting: the web is
          // fused cooler and shorter than the print was.
          patch("patch-print", "blank-patch", 0.9, Substance.POLYESTER_PANEL)
              .window(145, 160, 10, 25, MEDIUM, NONE)
              .usually(152, 18)
              .carries(ArtKind.PRINTED_PATCH)
              .lies(Orientation.MIRRORED, CutFace.PRINT_SIDE)
              .thinnestStroke(0.5)
              .tools(EnumSet.complementOf(EnumSet.of(WAND, IRON_DRY, IRON_STEAM)))
              .prepare("blank.print", MIRROR, PRINT)
              .prepare("sublimation.dry-print", DRY_OUT)
              .pressOn("blank.press", 196, 50)
              .fuse(Occasion.ALWAYS, "patch.fuse", 7, CUT_WEB, FUSE_WEB)
              .prepare("patch.paper-off", PAPER_OFF)
              .work(600, 150, Handwork.Pace.BY_PIECE)
              .build());

  private Patches() {}

  /** Tacked while the garment is turned: 6 to 8 s. */
  private static MediumBuilder patch(String key, String layer, double thickness, Substance of) {
    return MediumBuilder.of(key, Family.PATCH)
        .gives(EnumSet.allOf(Surface.class))
        .palette(Palette.ANY)
        .opacity(Opacity.OWN_GROUND)
        .layer(PATCH, layer, thickness, of)
        .layer(GLUE, "strong-web", 0.07, HOT_MELT)
        .glue(Glue.WEB)
        .smallParts(true)
        .side(Side.BACK)
        .cover(CoverChoice.COTTON)
        .before(ExtraPress.tack(CoverChoice.COTTON, 7))
        .stitch(Stitch.NEVER)
        .feel(2, 4)
        .skin(3)
        .wording(
            new Wording(
                "do.place.patch-web",
                "do.press-back",
                null,
                "do.second-press",
                "tool.iron-lifted",
                Sentence.of("test.look.piece"),
                Sentence.of("glue-side.web")));
  }
}
