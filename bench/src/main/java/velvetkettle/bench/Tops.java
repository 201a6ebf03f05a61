package velvetkettle.bench;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;

/** Navy tops with a white logo on the chest, for timing. */
final class Tops {
  private Tops() {}

  static Garment of(Fibre fibre, Fabric fabric, DyeKind dye) {
    return new Garment(
        "top",
        GarmentKind.TOP,
        Size.ADULT,
        new ClothSpec(
            Blend.of(fibre),
            fabric,
            new Colour("navy", Depth.DARK, Hue.BLUE),
            dye,
            Finish.NONE,
            IronMark.UNKNOWN),
        Set.of());
  }

  /**
   * @param medium null where none is taken
   */
  static JobRequest job(Garment garment, PressKind kind, @Nullable String medium) {
    Artwork art =
        new Artwork(
            "logo",
            ArtKind.LOGO,
            new ArtSize(Millimetres.of(80), Millimetres.of(80)),
            new Tones(1, Depth.WHITE),
            Placement.CHEST,
            Surface.ANY);
    double side = kind.pressedByHand() ? 110 : 400;
    return new JobRequest(
        garment,
        List.of(new Decoration("a", art, medium, null)),
        1,
        new Press(kind.name(), kind, Millimetres.of(side), Millimetres.of(side), Calibration.NONE),
        Workroom.USUAL,
        Shop.BARE,
        Experience.NONE);
  }
}
