package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.CUT_OUT;
import static velvetkettle.core.media.trait.Doing.CUT_WEB;
import static velvetkettle.core.media.trait.Doing.FUSE_WEB;
import static velvetkettle.core.media.trait.Doing.PAPER_OFF;
import static velvetkettle.core.media.trait.Peel.NONE;
import static velvetkettle.core.press.LayerKind.GLUE;
import static velvetkettle.core.press.LayerKind.PATCH;
import static velvetkettle.core.press.Pressure.LIGHT;
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
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Fusible web between a piece of other cloth and the garment; the surface is that of the cloth that
 * is put on. Windows: common practice, no source. Layer thicknesses: engineering estimates.
 */
final class Webs {
  static final List<Medium> ALL =
      List.of(
          // A needle goes through it: the wash breaks the glue, so the edge is sewn.
          web("web-light", 3, 0.04)
              .window(150, 160, 10, 30, LIGHT, NONE)
              .usually(152, 15)
              .cover(CoverChoice.PARCHMENT)
              .stitch(Stitch.MUST)
              .work(540)
              .feel(4, 4)
              .refuses(EndUse.DRY_CLEANING)
              .build(),
          // Holds without sewing and gums a needle. Heat hardly gets through the pressing cloth and
          // the piece in so short a press, so once more from the back.
          web("web-strong", 5, 0.07)
              .window(145, 160, 6, 10, MEDIUM, NONE)
              .usually(152, 10)
              .cover(CoverChoice.COTTON)
              .after(ExtraPress.fromBack(CoverChoice.PARCHMENT, 10))
              .stitch(Stitch.NEVER)
              .feel(2, 4)
              .refuses(EndUse.DRY_CLEANING)
              .build(),
          // For knits, fused with steam through a damp cloth. Its own sheet comes first: the window
          // is an engineering estimate.
          web("web-stretch", 3, 0.04)
              .window(140, 160, 10, 20, LIGHT, NONE)
              .usually(150, 15)
              .cover(CoverChoice.COTTON)
              .tools(EnumSet.of(PressKind.IRON_STEAM))
              .steam(SteamUse.WANTED)
              .feel(4, 3)
              .stretches()
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .build(),
          // Glue on both sides: makes one cloth of two, for strength or as a ground.
          web("web-double", 3, 0.04)
              .window(150, 160, 5, 15, MEDIUM, NONE)
              .usually(155, 10)
              .carries(ArtKind.SECOND_LAYER)
              .cover(CoverChoice.PARCHMENT)
              .placing("second-cloth")
              .smallParts(false)
              .feel(3, 4)
              .refuses(EndUse.DRY_CLEANING)
              .build());

  private Webs() {}

  /**
   * The web is fused to the piece, unless the shop lays it on the garment first and tacks it there.
   *
   * @param tack how long it is pressed through its paper to stay where it is, s
   * @param web how thick it is, mm
   */
  private static MediumBuilder web(String key, double tack, double web) {
    return MediumBuilder.of(key, Family.WEB)
        .carries(ArtKind.APPLIQUE)
        .lies(Orientation.AS_SEEN, CutFace.FACE_UP)
        .gives(EnumSet.allOf(Surface.class))
        .opacity(Opacity.OWN_GROUND)
        .thinnestStroke(3)
        .layer(PATCH, "applique", 0.25, Substance.POLYESTER_PANEL)
        .layer(GLUE, "web", web, HOT_MELT)
        .glue(Glue.WEB)
        .nap()
        .smallParts(true)
        .before(ExtraPress.tack(CoverChoice.NONE, tack).only(Occasion.WEB_ON_GARMENT))
        .fuse(Occasion.WEB_ON_PIECE, "web.fuse", tack, FUSE_WEB)
        .prepare("web.cut", CUT_OUT)
        .prepare(Occasion.WEB_ON_PIECE, Sentence.of("prepare.web.paper-off"), PAPER_OFF)
        .prepare(Occasion.WEB_ON_GARMENT, Sentence.of("prepare.web.cut-web"), CUT_WEB)
        .work(120, 240, Handwork.Pace.BY_PIECE)
        .wording(
            new Wording(
                "do.place.applique",
                "do.press",
                null,
                "do.second-press",
                "tool.iron-lifted-web",
                Sentence.of("test.look.piece"),
                Sentence.of("glue-side.web")));
  }
}
