package velvetkettle.core.practice;

import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/** Garments to practise on, from the one that forgives most to the one that forgives least. */
public final class Pieces {
  private static final Colour WHITE = new Colour("white", Depth.WHITE, Hue.NEUTRAL);
  private static final Colour NAVY = new Colour("navy", Depth.DARK, Hue.BLUE);
  private static final Colour GREEN = new Colour("green", Depth.DARK, Hue.GREEN);
  private static final Colour BLACK = new Colour("black", Depth.DARK, Hue.NEUTRAL);
  private static final Colour YELLOW = new Colour("yellow", Depth.LIGHT, Hue.YELLOW);

  public static final List<Piece> ALL =
      List.of(
          piece(
              "tee",
              garment(
                  GarmentKind.TOP, Blend.of(Fibre.COTTON), Fabric.JERSEY, WHITE, DyeKind.UNDYED),
              art(ArtKind.LOGO, 340, 420, 1, Depth.DARK, Placement.BACK),
              "film-smooth"),
          piece(
              "bag",
              garment(
                  GarmentKind.BAG, Blend.of(Fibre.COTTON), Fabric.CANVAS, YELLOW, DyeKind.REACTIVE),
              art(ArtKind.PHOTOGRAPH, 220, 280, 200, Depth.LIGHT, Placement.CHEST),
              "paper-light"),
          piece(
              "sweater",
              garment(
                  GarmentKind.SWEATSHIRT,
                  Blend.of(Fibre.COTTON),
                  Fabric.FLEECE,
                  GREEN,
                  DyeKind.REACTIVE),
              art(ArtKind.LOGO, 260, 220, 3, Depth.WHITE, Placement.CHEST),
              "xfer-dtf"),
          piece(
              "shirt",
              garment(
                  GarmentKind.SHIRT,
                  Blend.of(Fibre.POLYESTER),
                  Fabric.WOVEN_SHIRTING,
                  WHITE,
                  DyeKind.UNDYED),
              art(ArtKind.PHOTOGRAPH, 200, 260, 200, Depth.LIGHT, Placement.CHEST),
              "sub-direct"),
          piece(
              "rowing-top",
              garment(
                  GarmentKind.TOP,
                  Blend.of(Fibre.POLYESTER),
                  Fabric.INTERLOCK,
                  NAVY,
                  DyeKind.DISPERSE),
              art(ArtKind.LETTERING, 280, 100, 1, Depth.WHITE, Placement.CHEST),
              "film-block"),
          piece(
              "shell",
              garment(
                  GarmentKind.JACKET,
                  Blend.of(Fibre.POLYAMIDE_6),
                  Fabric.NYLON_SHELL,
                  NAVY,
                  DyeKind.ACID),
              art(ArtKind.LETTERING, 240, 90, 1, Depth.WHITE, Placement.CHEST),
              "film-nylon"),
          piece(
              "costume",
              garment(
                  GarmentKind.TOP,
                  Blend.of(Fibre.POLYAMIDE_66, 80, Fibre.ELASTANE),
                  Fabric.ELASTANE_KNIT,
                  BLACK,
                  DyeKind.ACID),
              art(ArtKind.LETTERING, 240, 110, 1, Depth.LIGHT, Placement.CHEST),
              "film-stretch"));

  private Pieces() {}

  public static Optional<Piece> of(String key) {
    return ALL.stream().filter(piece -> piece.key().equals(key)).findFirst();
  }

  private static Piece piece(String key, Garment garment, Artwork artwork, String medium) {
    return new Piece(
        key,
        Sentence.of("practice.piece." + key),
        Sentence.of("practice.task." + key),
        garment,
        artwork,
        medium);
  }

  private static Garment garment(
      GarmentKind kind, Blend blend, Fabric fabric, Colour colour, DyeKind dye) {
    return new Garment(
        "practice piece",
        kind,
        Size.ADULT,
        new ClothSpec(blend, fabric, colour, dye, Finish.NONE, IronMark.UNKNOWN),
        Set.of());
  }

  private static Artwork art(
      ArtKind kind, double width, double height, int colours, Depth lightest, Placement where) {
    return new Artwork(
        "practice art",
        kind,
        new ArtSize(Millimetres.of(width), Millimetres.of(height)),
        new Tones(colours, lightest),
        where,
        Surface.ANY);
  }
}
