package velvetkettle.core.place;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.quantity.Millimetres;

/**
 * Where art goes and how wide it is made [common practice, no source]: below the collar 25-40 mm on
 * a baby's garment, 40-50 on a toddler's, 50-65 on a youth's, 75-90 on an adult's; across the front
 * 90-115, 125-150, 180-230, 250-300 mm; on the left chest 75-100 mm wide, 100 mm from the centre
 * line, 180-200 mm below the shoulder at the neck.
 */
public final class PlacementGuide {
  private static final double CHEST_OUT = 100;
  private static final double CHEST_BELOW_SHOULDER = 190;

  /** From the collar's seam to art at the nape and along the neckline, mm. */
  private static final double NAPE = 20;

  private static final double NECKLINE = 12;

  /** From a side, a hem or a corner to art, mm. */
  private static final double BESIDE_SIDE = 40;

  /** Where the seat of trousers begins, of their length. */
  private static final double SEAT = 0.1;

  /** How high a hood lies on an adult's back, mm. */
  private static final double HOOD = 280;

  /** Half of what has to lie on a sleeve for art to be on it, mm. */
  private static final double SLIVER = 10;

  /** From art to a zip or a button, mm. */
  private static final double BESIDE = 15;

  private PlacementGuide() {}

  /** A range in mm; the usual is its middle. */
  public record Range(double from, double to) {
    public double usual() {
      return (from + to) / 2;
    }
  }

  /** From the collar to the top of the art. */
  public static Range belowCollar(Size size) {
    return switch (size) {
      case BABY -> new Range(25, 40);
      case TODDLER -> new Range(40, 50);
      case YOUTH -> new Range(50, 65);
      case ADULT -> new Range(75, 90);
    };
  }

  /** Of art across the front or the back. */
  public static Range fullWidth(Size size) {
    return switch (size) {
      case BABY -> new Range(90, 115);
      case TODDLER -> new Range(125, 150);
      case YOUTH -> new Range(180, 230);
      case ADULT -> new Range(250, 300);
    };
  }

  /** Of art on the left chest; an adult's, and in proportion for the others. */
  public static Range chestWidth(Size size) {
    double scale = Shapes.scale(GarmentKind.TOP, size);
    return new Range(Math.round(75 * scale), Math.round(100 * scale));
  }

  /** Where such art usually goes on a garment; past a zip or buttons where the cloth has room. */
  public static Spot usual(
      Garment garment, Placement placement, Millimetres width, Millimetres height) {
    GarmentPattern pattern = GarmentPattern.of(garment);
    Spot spot = undisturbed(garment, pattern, placement, width.count(), height);
    List<Area> hard =
        pattern.obstacles(garment.obstacles(), garment.layout()).stream()
            .filter(one -> one.what().hard() && one.face() == spot.face())
            .map(PlacedObstacle::area)
            .toList();
    return past(spot, hard, width, height)
        .filter(there -> isFree(there.area(width, height), hard))
        .filter(there -> pattern.outline(spot.face()).holds(there.area(width, height)) > 0.999)
        .findFirst()
        .orElse(spot);
  }

  private static boolean isFree(Area art, List<Area> hard) {
    return hard.stream().noneMatch(one -> one.grown(BESIDE - 1).overlaps(art));
  }

  /**
   * Where it was; else below the lowest of what is in its way, and beside it at the wearer's left.
   */
  private static Stream<Spot> past(
      Spot spot, List<Area> hard, Millimetres width, Millimetres height) {
    Area art = spot.area(width, height);
    List<Area> inTheWay = hard.stream().filter(one -> one.grown(BESIDE).overlaps(art)).toList();
    if (inTheWay.isEmpty()) {
      return Stream.of(spot);
    }
    double lowest = inTheWay.stream().mapToDouble(Area::bottom).max().orElse(0);
    double rightmost = inTheWay.stream().mapToDouble(Area::right).max().orElse(0);
    return Stream.of(
        spot,
        new Spot(spot.face(), spot.fromCentre(), Math.ceil(lowest + BESIDE)),
        new Spot(
            spot.face(), Math.ceil(rightmost + BESIDE + width.count() / 2), spot.belowCollar()));
  }

  private static Spot undisturbed(
      Garment garment,
      GarmentPattern pattern,
      Placement placement,
      double wide,
      Millimetres height) {
    GarmentFace face = placement.onBack() ? GarmentFace.BACK : GarmentFace.FRONT;
    double tall = height.count();
    Area cloth = pattern.outline(face).bounds();
    return switch (placement) {
      case CHEST -> new Spot(face, 0, top(garment, pattern, face, tall));
      case BACK ->
          hasLegs(pattern)
              ? new Spot(face, 0, Math.round(pattern.length() * SEAT))
              : new Spot(face, 0, top(garment, pattern, face, tall));
      case UPPER_BACK -> new Spot(face, 0, upperBack(garment, cloth));
      case NAPE -> new Spot(face, 0, NAPE);
      case LEFT_CHEST -> leftChest(garment, pattern, tall);
      case RIGHT_CHEST -> mirrored(leftChest(garment, pattern, tall));
      case SLEEVE -> onSleeve(pattern, tall);
      case RIGHT_SLEEVE -> mirrored(onSleeve(pattern, tall));
      case NECKLINE -> new Spot(face, 0, NECKLINE);
      case HOOD -> onHood(pattern, tall);
      case SIDE -> side(pattern, wide, tall, BESIDE_SIDE);
      case SEAM -> side(pattern, wide, tall, BESIDE);
      case HEM -> atHem(pattern, face, tall);
      case LEG -> onLeg(pattern, tall);
      case POCKET -> onPocket(garment, pattern, tall);
      case CORNER -> corner(cloth, face, wide, tall);
      case MIDDLE, ALL_OVER -> middle(cloth, face, tall);
    };
  }

  private static Spot mirrored(Spot spot) {
    return new Spot(spot.face(), -spot.fromCentre(), spot.belowCollar());
  }

  private static double upperBack(Garment garment, Area cloth) {
    return Shapes.collar(garment.kind(), false) > 0
        ? belowCollar(garment.size()).from()
        : cloth.y() + BESIDE_SIDE;
  }

  private static Spot onHood(GarmentPattern pattern, double tall) {
    double high = HOOD * pattern.length() / 700;
    return new Spot(GarmentFace.BACK, 0, Math.round((high - tall) / 2));
  }

  /** Half of the way down the side at the viewer's right. */
  private static Spot side(GarmentPattern pattern, double wide, double tall, double beside) {
    double hem = pattern.hem(GarmentFace.FRONT);
    return new Spot(
        GarmentFace.FRONT,
        Math.round(pattern.width() / 2 - beside - wide / 2),
        Math.round(hem / 2 - tall / 2));
  }

  /** In the middle, or on the leg at the viewer's right. */
  private static Spot atHem(GarmentPattern pattern, GarmentFace face, double tall) {
    double out = hasLegs(pattern) ? Math.round(pattern.width() / 3) : 0;
    return new Spot(face, out, Math.round(pattern.hem(face) - BESIDE_SIDE - tall));
  }

  private static boolean hasLegs(GarmentPattern pattern) {
    return GarmentPlaces.has(pattern.kind(), Placement.LEG);
  }

  /** On the thigh at the viewer's right. */
  private static Spot onLeg(GarmentPattern pattern, double tall) {
    return new Spot(
        GarmentFace.FRONT,
        Math.round(pattern.width() * 0.29),
        Math.round(pattern.length() * 0.42 - tall / 2));
  }

  private static Spot corner(Area cloth, GarmentFace face, double wide, double tall) {
    return new Spot(
        face,
        Math.round(cloth.right() - BESIDE_SIDE - wide / 2),
        Math.round(cloth.bottom() - BESIDE_SIDE - tall));
  }

  private static double top(
      Garment garment, GarmentPattern pattern, GarmentFace face, double tall) {
    boolean collared = Shapes.collar(garment.kind(), true) > 0;
    return collared
        ? belowCollar(garment.size()).usual()
        : middle(pattern.outline(face).bounds(), face, tall).belowCollar();
  }

  /** The wearer's left is the viewer's right. */
  private static Spot leftChest(Garment garment, GarmentPattern pattern, double tall) {
    double scale = pattern.width() / (2 * Shapes.drawn(garment.kind()).x());
    double middle = CHEST_BELOW_SHOULDER * scale - pattern.frontCollar();
    return new Spot(
        GarmentFace.FRONT, Math.round(CHEST_OUT * scale), Math.round(middle - tall / 2));
  }

  /** Halfway out on the sleeve that lies at the viewer's right; a vest has none. */
  private static Spot onSleeve(GarmentPattern pattern, double tall) {
    Area bounds = pattern.front().bounds();
    double armpit = pattern.width() / 2;
    if (bounds.right() <= armpit * 1.1) {
      return middle(bounds, GarmentFace.FRONT, tall);
    }
    double out = (armpit + bounds.right()) / 2;
    double along = pattern.length() * (bounds.right() > armpit * 1.8 ? 0.63 : 0.264);
    Spot usual = downSleeve(pattern, out, along, tall);
    return isOnCloth(pattern, usual, tall)
        ? usual
        // The sleeves of what is long below are no longer for it.
        : IntStream.rangeClosed(1, 60)
            .mapToObj(part -> downSleeve(pattern, out, pattern.length() * part / 100, tall))
            .filter(spot -> isOnCloth(pattern, spot, tall))
            .findFirst()
            .orElse(usual);
  }

  private static Spot downSleeve(GarmentPattern pattern, double out, double along, double tall) {
    return new Spot(
        GarmentFace.FRONT, Math.round(out), Math.round(along - pattern.frontCollar() - tall / 2));
  }

  private static boolean isOnCloth(GarmentPattern pattern, Spot spot, double tall) {
    Area middle =
        new Area(spot.fromCentre() - SLIVER, spot.belowCollar(), 2 * SLIVER, Math.max(1, tall));
    return pattern.outline(spot.face()).holds(middle) > 0.98;
  }

  private static Spot onPocket(Garment garment, GarmentPattern pattern, double tall) {
    Stream<PlacedObstacle> pockets =
        pattern.obstacles(garment.obstacles(), garment.layout()).stream()
            .filter(one -> one.what() == Obstacle.POCKET && one.face() == GarmentFace.FRONT);
    List<Area> areas = pockets.map(PlacedObstacle::area).toList();
    if (areas.isEmpty()) {
      return leftChest(garment, pattern, tall);
    }
    return middle(areas.get(0), GarmentFace.FRONT, tall);
  }

  private static Spot middle(Area area, GarmentFace face, double tall) {
    return new Spot(
        face, Math.round(area.middle()), Math.round(area.y() + (area.height() - tall) / 2));
  }
}
