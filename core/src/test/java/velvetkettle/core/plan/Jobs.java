package velvetkettle.core.plan;

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
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.RememberedHeat;
import velvetkettle.core.heat.window.RememberedMaps;
import velvetkettle.core.heat.window.WindowMaps;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.job.Stock;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.RuledOut;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.Schools;
import velvetkettle.core.shelf.Material;

/** The garments and presses that the tests of the plan work with. */
public final class Jobs {
  public static final Press BIG_PRESS =
      new Press(
          "Big press",
          PressKind.PLATE_DRAW,
          Millimetres.of(400),
          Millimetres.of(500),
          Calibration.readsHigh(0));
  public static final Press MINI_PRESS =
      new Press(
          "Mini press",
          PressKind.HAND_MINI,
          Millimetres.of(100),
          Millimetres.of(50),
          Calibration.NONE);
  public static final Press IRON =
      new Press(
          "Iron", PressKind.IRON_DRY, Millimetres.of(200), Millimetres.of(110), Calibration.NONE);

  /** A small shop: the five media that most shops begin with. */
  public static final Shop SMALL_SHOP =
      new Shop(
          List.of(),
          List.of(
              new Stock("film-smooth", "white", Depth.WHITE),
              new Stock("film-block", "white", Depth.WHITE),
              new Stock("paper-light", "white", Depth.WHITE),
              new Stock("sub-direct", "white", Depth.WHITE),
              new Stock("patch-web", "white", Depth.WHITE)),
          Schools.OURS);

  private static final Colour WHITE = new Colour("white", Depth.WHITE, Hue.NEUTRAL);

  /** One for all tests of the plan, because they ask the same again and again. */
  public static final HeatModel HEAT = new RememberedHeat(new HeatMargins());

  /** Likewise. */
  public static final WindowMaps MAPS = new RememberedMaps();

  private Jobs() {}

  public static Planner planner() {
    return new Planner(HEAT, MAPS, MediaCatalogue.TRADE);
  }

  public static Garment garment(
      String name,
      GarmentKind kind,
      Blend blend,
      Fabric fabric,
      Colour colour,
      DyeKind dye,
      Obstacle... obstacles) {
    return new Garment(
        name,
        kind,
        Size.ADULT,
        new ClothSpec(blend, fabric, colour, dye, Finish.NONE, IronMark.UNKNOWN),
        Set.of(obstacles));
  }

  public static Garment navyRowingTop() {
    Colour navy = new Colour("navy", Depth.DARK, Hue.BLUE);
    return garment(
        "rowing top",
        GarmentKind.TOP,
        Blend.of(Fibre.POLYESTER),
        Fabric.INTERLOCK,
        navy,
        DyeKind.DISPERSE);
  }

  public static Garment whiteBandTee() {
    return garment(
        "band tee", GarmentKind.TOP, Blend.of(Fibre.COTTON), Fabric.JERSEY, WHITE, DyeKind.UNDYED);
  }

  public static Garment whiteStewardShirt() {
    return garment(
        "steward shirt",
        GarmentKind.SHIRT,
        Blend.of(Fibre.POLYESTER),
        Fabric.WOVEN_SHIRTING,
        WHITE,
        DyeKind.UNDYED);
  }

  public static Garment whitePanel() {
    return garment(
        "stage panel",
        GarmentKind.PANEL,
        Blend.of(Fibre.POLYESTER),
        Fabric.TWILL,
        WHITE,
        DyeKind.UNDYED);
  }

  public static Garment charcoalHalfZip() {
    Colour charcoal = new Colour("charcoal", Depth.DARK, Hue.NEUTRAL);
    Blend blend = Blend.of(Fibre.COTTON, 70, Fibre.POLYESTER);
    return garment(
        "half-zip",
        GarmentKind.SWEATSHIRT,
        blend,
        Fabric.FLEECE,
        charcoal,
        DyeKind.UNKNOWN,
        Obstacle.ZIP);
  }

  public static Garment woolBlazer() {
    Colour maroon = new Colour("maroon", Depth.DARK, Hue.RED);
    return garment(
        "band blazer",
        GarmentKind.JACKET,
        Blend.of(Fibre.WOOL),
        Fabric.TWILL,
        maroon,
        DyeKind.ACID,
        Obstacle.POCKET);
  }

  public static Garment deckBag() {
    Colour yellow = new Colour("yellow", Depth.LIGHT, Hue.YELLOW);
    return garment(
        "deck bag",
        GarmentKind.BAG,
        Blend.of(Fibre.POLYPROPYLENE),
        Fabric.CANVAS,
        yellow,
        DyeKind.SOLUTION_DYED);
  }

  public static Artwork art(
      ArtKind kind, double width, double height, int colours, Depth lightest, Placement placement) {
    return new Artwork(
        "art",
        kind,
        new ArtSize(Millimetres.of(width), Millimetres.of(height)),
        new Tones(colours, lightest),
        placement,
        Surface.ANY);
  }

  public static Artwork whiteLettering() {
    return art(ArtKind.LETTERING, 250, 80, 1, Depth.WHITE, Placement.CHEST);
  }

  public static Artwork photograph() {
    return art(ArtKind.PHOTOGRAPH, 200, 260, 200, Depth.LIGHT, Placement.CHEST);
  }

  public static Artwork crest() {
    return art(ArtKind.MADE_PATCH, 80, 80, 6, Depth.LIGHT, Placement.POCKET);
  }

  public static JobRequest job(Garment garment, Artwork artwork, int pieces) {
    return job(garment, artwork, pieces, BIG_PRESS, null, null);
  }

  public static JobRequest job(
      Garment garment,
      Artwork artwork,
      int pieces,
      Press press,
      @Nullable String medium,
      @Nullable Material material) {
    Decoration decoration = new Decoration("a", artwork, medium, material);
    return new JobRequest(
        garment, List.of(decoration), pieces, press, Workroom.USUAL, SMALL_SHOP, Experience.NONE);
  }

  public static DecorationPlan weigh(Garment garment, Artwork artwork) {
    return planner().plan(job(garment, artwork, 1)).decorations().get(0);
  }

  public static RuledOut ruledOut(DecorationPlan plan, String medium) {
    return plan.ruledOut().stream()
        .filter(out -> out.medium().equals(medium))
        .findFirst()
        .orElseThrow(() -> new AssertionError(medium + " is not ruled out"));
  }
}
