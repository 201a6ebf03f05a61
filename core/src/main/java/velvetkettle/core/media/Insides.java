package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.CUT_OUT;
import static velvetkettle.core.media.trait.Doing.CUT_WEB;
import static velvetkettle.core.media.trait.Doing.DRY_OUT;
import static velvetkettle.core.media.trait.Doing.FUSE_WEB;
import static velvetkettle.core.media.trait.Doing.MIRROR;
import static velvetkettle.core.media.trait.Doing.PAPER_OFF;
import static velvetkettle.core.media.trait.Doing.PRINT;
import static velvetkettle.core.media.trait.Doing.TRIM;
import static velvetkettle.core.media.trait.Doing.WEED;
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
import velvetkettle.core.media.trait.Lies;
import velvetkettle.core.media.trait.Occasion;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * What is fused to the inside of a garment with strong web: a panel that shows through openings, a
 * printed label. The web is pressed cooler and shorter than a print there was, which would fade
 * else. Windows: common practice, no source. Layer thicknesses: engineering estimates.
 */
final class Insides {
  /** A print is pressed onto polyester cloth at so many °C for so long, s. */
  private static final double PRINT_HEAT = 196;

  private static final double PRINT_TIME = 50;

  static final List<Medium> ALL =
      List.of(
          // Dye goes into polyester cloth, with a white border left for the web.
          panel("panel-print")
              .lies(Orientation.MIRRORED, CutFace.PRINT_SIDE)
              .palette(Palette.ANY)
              .thinnestStroke(0.5)
              .tools(EnumSet.complementOf(EnumSet.of(WAND, IRON_DRY, IRON_STEAM)))
              .prepare("panel.print", MIRROR, PRINT)
              .prepare("sublimation.dry-print", DRY_OUT)
              .pressOn("panel.press-print", PRINT_HEAT, PRINT_TIME)
              .prepare("panel.trim", TRIM)
              .fuse(Occasion.ALWAYS, "panel.fuse", 4, CUT_WEB, FUSE_WEB)
              .prepare("panel.paper-off", PAPER_OFF)
              .work(600, 540, Handwork.Pace.BY_PIECE)
              .feel(4, 5)
              .build(),
          // A second worn shirt, a print saved from another: its colours are its own.
          panel("panel-cloth")
              .lies(Orientation.AS_SEEN, CutFace.FACE_UP)
              .palette(Palette.ANY)
              .thinnestStroke(3)
              .prepare("panel.cut", CUT_OUT)
              .fuse(Occasion.ALWAYS, "panel.fuse", 4, CUT_WEB, FUSE_WEB)
              .prepare("panel.paper-off", PAPER_OFF)
              .work(120, 420, Handwork.Pace.BY_PIECE)
              .feel(4, 4)
              .build(),
          // Film on plain cloth: quick for a few colours, and stiffer.
          panel("panel-film")
              .lies(Orientation.MIRRORED, CutFace.GLUE_UP)
              .thinnestStroke(1)
              .prepare("panel.film", MIRROR, CUT_OUT, WEED)
              .pressOn("panel.press-film", 155, 14)
              .prepare("panel.trim", TRIM)
              .fuse(Occasion.ALWAYS, "panel.fuse", 4, CUT_WEB, FUSE_WEB)
              .prepare("panel.paper-off", PAPER_OFF)
              .work(300, 480, Handwork.Pace.BY_PIECE)
              .feel(2, 4)
              .build(),
          // Several side by side on satin tape, printed and pressed in one go, then cut apart.
          inside("label-print", Lies.INSIDE)
              .carries(ArtKind.LABEL)
              .lies(Orientation.MIRRORED, CutFace.PRINT_SIDE)
              .palette(Palette.ANY)
              .thinnestStroke(0.3)
              .layer(PATCH, "label", 0.2, Substance.POLYESTER_PANEL)
              .layer(GLUE, "strong-web", 0.07, HOT_MELT)
              .cover(CoverChoice.PARCHMENT)
              .tools(EnumSet.complementOf(EnumSet.of(WAND, IRON_DRY, IRON_STEAM)))
              .prepare("tape.print", MIRROR, PRINT)
              .prepare("sublimation.dry-print", DRY_OUT)
              .pressOn("tape.press-strips", PRINT_HEAT, 45)
              .fuse(Occasion.ALWAYS, "tape.fuse", 4, CUT_WEB, FUSE_WEB)
              .prepare("tape.cut-apart", TRIM)
              .prepare("tape.paper-off", PAPER_OFF)
              .work(600, 60, Handwork.Pace.BY_PIECE)
              .feel(4, 4)
              .wording(wording("label", "do.press"))
              .build());

  private Insides() {}

  /** Cloth behind openings, on a rim of web; pressed even from the right side in the end. */
  private static MediumBuilder panel(String key) {
    return inside(key, Lies.BEHIND_OPENINGS)
        .carries(ArtKind.PANEL)
        .layer(PATCH, "panel", 0.3, Substance.POLYESTER_PANEL)
        .layer(GLUE, "strong-web", 0.07, HOT_MELT)
        .cover(CoverChoice.PARCHMENT)
        .after(ExtraPress.second(CoverChoice.PARCHMENT))
        .wording(wording("panel", "do.press-inside"));
  }

  private static MediumBuilder inside(String key, Lies lies) {
    return MediumBuilder.of(key, Family.WEB)
        .window(145, 160, 8, 15, MEDIUM, NONE)
        .usually(152, 12)
        .lies(lies)
        .gives(EnumSet.allOf(Surface.class))
        .opacity(Opacity.OWN_GROUND)
        .glue(Glue.WEB)
        .refuses(EndUse.DRY_CLEANING);
  }

  private static Wording wording(String name, String pressing) {
    return new Wording(
        "do.place." + name,
        pressing,
        null,
        "do.press-even",
        "tool.iron-lifted-web",
        Sentence.of("test.look.piece"),
        Sentence.of("glue-side.web"));
  }
}
