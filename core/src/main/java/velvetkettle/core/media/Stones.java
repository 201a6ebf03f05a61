package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.BACKING_OFF;
import static velvetkettle.core.media.trait.Doing.FIX_STONES;
import static velvetkettle.core.media.trait.Doing.LOOK_AT_BACKS;
import static velvetkettle.core.media.trait.Peel.COLD;
import static velvetkettle.core.media.trait.Peel.NONE;
import static velvetkettle.core.press.LayerKind.CARRIER;
import static velvetkettle.core.press.LayerKind.GLUE;
import static velvetkettle.core.press.LayerKind.STONE;
import static velvetkettle.core.press.Pressure.HAND;
import static velvetkettle.core.press.Pressure.LIGHT;
import static velvetkettle.core.press.Pressure.MEDIUM;
import static velvetkettle.core.press.Substance.CARRIER_FILM;
import static velvetkettle.core.press.Substance.STONE_GLUE;

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
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Hot-fix stones: glass with glue on its back that melts into the cloth. Windows: common practice,
 * no source. Layer thicknesses: engineering estimates.
 */
final class Stones {
  static final List<Medium> ALL =
      List.of(
          // Arranged on a carrier sheet. Once more without the film, then from the back, where the
          // glue meets the cloth.
          stones("stone-sheet", "do.press", "do.second-press-stones")
              .window(150, 170, 15, 60, MEDIUM, COLD)
              .usually(160, 30)
              .lies(Orientation.ALREADY_REVERSED, CutFace.ALREADY_MADE)
              .layer(CARRIER, "stone-carrier", 0.10, CARRIER_FILM)
              .layer(STONE, "stone", 1.3, Substance.STONE)
              .layer(GLUE, "stone-glue", 0.15, STONE_GLUE)
              .cover(CoverChoice.SOFT)
              .steam(SteamUse.BY_SCHOOL)
              .after(
                  ExtraPress.second(CoverChoice.SOFT, 15),
                  ExtraPress.fromBack(CoverChoice.NONE, 18))
              .prepare("stone-sheet.finger", FIX_STONES, BACKING_OFF)
              .prepare("stone-sheet.spares")
              .work(120, 90, Handwork.Pace.BY_PIECE)
              .feel(2, 3)
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .notForSkin()
              .build(),
          // Brushed into a stencil on the cloth. The stencil off, then flat once more, and from the
          // back.
          stones("stone-stencil", "do.press-stencil", "do.second-press-flat")
              .window(150, 160, 40, 60, LIGHT, NONE)
              .usually(155, 50)
              .stencil(60)
              .placing("brushed")
              .layer(STONE, "stone", 1.3, Substance.STONE)
              .layer(GLUE, "stone-glue", 0.15, STONE_GLUE)
              .cover(CoverChoice.SOFT)
              .after(
                  ExtraPress.second(CoverChoice.SOFT, 10),
                  ExtraPress.fromBack(CoverChoice.NONE, 20))
              .work(120, 300, Handwork.Pace.BY_PIECE)
              .feel(2, 3)
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .notForSkin()
              .build(),
          // Single ones set by a hot tip, which stands for the platen: a quarter of a minute each.
          stones("stone-wand", "do.press", "do.second-press-stones")
              .window(200, 220, 5, 15, HAND, NONE)
              .usually(200, 10)
              .layer(STONE, "stone", 1.3, Substance.STONE)
              .layer(GLUE, "stone-glue", 0.15, STONE_GLUE)
              .tools(EnumSet.of(PressKind.WAND))
              .work(120, 15, Handwork.Pace.BY_STONE)
              .feel(3, 3)
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .notForSkin()
              .build());

  private Stones() {}

  /** Stones have a look of their own, whatever else is asked for. */
  private static MediumBuilder stones(String key, String pressing, String pressingAgain) {
    return MediumBuilder.of(key, Family.STONES)
        .carries(ArtKind.STONES)
        .gives(EnumSet.allOf(Surface.class))
        .opacity(Opacity.OWN_GROUND)
        .glue(Glue.STONE)
        .smallParts(true)
        .metal()
        .layering(Layering.TOP_ONLY)
        .bondsAgain()
        .skin(2)
        .prepare("stone.glue", LOOK_AT_BACKS)
        .wording(
            new Wording(
                "do.place." + key,
                pressing,
                new Wording.Peeling("do.peel-stones", COLD),
                pressingAgain,
                "tool.iron-lifted",
                Sentence.of("test.look.stones"),
                Sentence.of("glue-side.stone")));
  }
}
