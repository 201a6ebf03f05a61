package velvetkettle.core.media;

import static velvetkettle.core.media.trait.Doing.DRY_OUT;
import static velvetkettle.core.media.trait.Doing.MIRROR;
import static velvetkettle.core.media.trait.Doing.PRINT;
import static velvetkettle.core.media.trait.Peel.HOT;
import static velvetkettle.core.press.LayerKind.INK;
import static velvetkettle.core.press.LayerKind.PAPER;
import static velvetkettle.core.press.PressKind.IRON_DRY;
import static velvetkettle.core.press.PressKind.IRON_STEAM;
import static velvetkettle.core.press.PressKind.WAND;
import static velvetkettle.core.press.Pressure.MEDIUM;
import static velvetkettle.core.press.Substance.SUBLIMATION_PAPER;

import java.util.EnumSet;
import java.util.List;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Dye that turns to gas and settles inside polyester: nothing lies on the cloth afterwards. An
 * iron's cold spots show, every one of them. Windows: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
final class Sublimations {
  /** Below this the print washes out of the other fibres, % [common practice, no source]. */
  private static final double LEAST_POLYESTER = 65;

  static final List<Medium> ALL =
      List.of(
          // A printed paper laid face down on white or light polyester.
          sublimation("sub-direct")
              .window(190, 205, 35, 60, MEDIUM, HOT)
              .usually(196, 45)
              .leastPolyester(LEAST_POLYESTER)
              .cover(CoverChoice.KRAFT)
              .prepare("sublimation.mirror", MIRROR, PRINT)
              .prepare("sublimation.dry-print", DRY_OUT)
              .work(300, 120, Handwork.Pace.BY_PIECE)
              .feel(5, 5)
              .skin(5)
              .stretches()
              .bears(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .build(),
          // On cotton that was primed with a polyester spray: wet out and rolled in, then a second
          // light coat. The primer stiffens the cloth, and kraft paper sticks to it while it lies
          // open.
          sublimation("sub-coated")
              .window(190, 200, 40, 60, MEDIUM, HOT)
              .usually(196, 40)
              .cover(CoverChoice.PARCHMENT)
              .before(ExtraPress.prime(165, 30), ExtraPress.prime(165, 20))
              .sprayed()
              .prepare("sublimation.mirror", MIRROR, PRINT)
              .prepare("sublimation.dry-print", DRY_OUT)
              .work(600, 420, Handwork.Pace.BY_PIECE)
              .feel(2, 3)
              .refuses(EndUse.INDUSTRIAL_WASH, EndUse.DRY_CLEANING)
              .build());

  private Sublimations() {}

  private static MediumBuilder sublimation(String key) {
    return MediumBuilder.of(key, Family.SUBLIMATION)
        .carries(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH, ArtKind.ALL_OVER_PRINT)
        .lies(Orientation.MIRRORED, CutFace.PRINT_SIDE)
        .palette(Palette.ANY)
        .opacity(Opacity.TRANSPARENT)
        .noGloss()
        .thinnestStroke(0.3)
        .layer(PAPER, "sublimation-paper", 0.11, SUBLIMATION_PAPER)
        .layer(INK, "sublimation-ink", 0.01, Substance.INK)
        .glue(Glue.NONE)
        .layering(Layering.ALONE)
        .tools(EnumSet.complementOf(EnumSet.of(WAND, IRON_DRY, IRON_STEAM)))
        .onCoolDryCloth(12)
        .wording(
            new Wording(
                "do.place.sublimation",
                "do.press-still",
                new Wording.Peeling("do.lift-paper", null),
                "do.second-press",
                "tool.iron-lifted",
                Sentence.of("test.look.print"),
                Sentence.of("glue-side.sublimation")));
  }
}
