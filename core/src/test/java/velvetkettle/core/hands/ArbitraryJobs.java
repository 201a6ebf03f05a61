package velvetkettle.core.hands;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Parts;
import velvetkettle.core.art.Piece;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.GarmentPlaces;
import velvetkettle.core.place.PlacementGuide;
import velvetkettle.core.place.Spot;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/**
 * Jobs as they come to no shop: every tool, garment, cloth and kind of art, one to three things
 * beside and over one another, obstacles placed and only named. The same seed gives the same job.
 */
public final class ArbitraryJobs {
  private final Random random;
  private final long seed;
  private Garment garment;

  private ArbitraryJobs(long seed) {
    this.seed = seed;
    random = new Random(seed);
  }

  public static JobRequest of(long seed) {
    return new ArbitraryJobs(seed).job();
  }

  private JobRequest job() {
    // Neighbouring seeds begin alike.
    random.nextInt();
    garment = garment();
    List<Press> drawer = new ArrayList<>();
    for (PressKind kind : PressKind.values()) {
      if (random.nextInt(3) > 0) {
        drawer.add(press(kind));
      }
    }
    Press press = press(any(PressKind.values()));
    drawer.removeIf(other -> other.name().equals(press.name()));
    List<Decoration> things = new ArrayList<>();
    int count = 1 + random.nextInt(3);
    for (int n = 0; n < count; n++) {
      Decoration below = n > 0 && one(3) ? things.get(random.nextInt(n)) : null;
      if (below != null && !bearsMore(below) && !one(4)) {
        // Few makers put anything on stones, glitter or a nap.
        below = null;
      }
      Decoration thing = thing(n, below);
      for (int again = 0; again < 4 && below == null && isSlip(thing, things); again++) {
        thing = thing(n, null);
      }
      things.add(thing);
    }
    return new JobRequest(
        garment,
        things,
        1 + random.nextInt(40),
        press,
        null,
        new Shop(drawer, List.of(), schools()),
        Experience.NONE);
  }

  private <T> T any(T[] all) {
    return all[random.nextInt(all.length)];
  }

  private boolean one(int in) {
    return random.nextInt(in) == 0;
  }

  private double between(double low, double high) {
    return Math.round(low + (high - low) * random.nextDouble());
  }

  private Garment garment() {
    GarmentKind kind = any(GarmentKind.values());
    Fabric fabric = any(Fabric.values());
    Set<Obstacle> obstacles = EnumSet.noneOf(Obstacle.class);
    List<PlacedObstacle> placed = new ArrayList<>();
    for (int n = random.nextInt(4); n > 0; n--) {
      Obstacle what = any(Obstacle.values());
      obstacles.add(what);
      if (one(2)) {
        placed.add(new PlacedObstacle(what, face(), obstacle(what)));
      }
    }
    return new Garment(
        "piece",
        kind,
        any(Size.values()),
        new ClothSpec(
            blend(),
            fabric,
            new Colour("some", any(Depth.values()), any(Hue.values())),
            any(DyeKind.values()),
            one(5) ? any(Finish.values()) : Finish.NONE,
            one(4) ? any(IronMark.values()) : IronMark.UNKNOWN),
        obstacles,
        new Layout(null, null, placed),
        one(6) ? Set.of(any(EndUse.values())) : Set.of());
  }

  private Area obstacle(Obstacle what) {
    double x = between(-200, 200);
    double y = between(-50, 450);
    return switch (what) {
      case ZIP, POCKET_ZIP -> new Area(x, y, 14, between(60, 400));
      case BUTTON, SNAP -> new Area(x, y, 14, 14);
      case SEAM -> one(2) ? new Area(x, y, 6, between(100, 400)) : new Area(x, y, 300, 6);
      default -> new Area(x, y, between(40, 200), between(30, 160));
    };
  }

  private GarmentFace face() {
    return any(GarmentFace.values());
  }

  private Blend blend() {
    Fibre main = one(2) ? (one(2) ? Fibre.COTTON : Fibre.POLYESTER) : any(Fibre.values());
    Fibre other = one(2) ? Fibre.ELASTANE : Fibre.COTTON;
    if (one(2) || main == other) {
      return Blend.of(main);
    }
    double share = between(2, 45);
    return new Blend(List.of(new FibreShare(main, 100 - share), new FibreShare(other, share)));
  }

  private Press press(PressKind kind) {
    Press usual = Press.usual(kind.term().key(), kind);
    boolean plate = !kind.pressedByHand();
    return new Press(
        usual.id(),
        usual.name(),
        kind,
        one(3) ? Millimetres.of(between(60, 500)) : usual.platenWidth(),
        one(3) ? Millimetres.of(between(50, 500)) : usual.platenDepth(),
        one(2) ? Calibration.readsHigh(between(-6, 8)) : Calibration.NONE,
        plate && one(2) ? closing() : null,
        plate && one(4),
        kind.setsSingleStones() && one(2) ? EnumSet.allOf(StoneSize.class) : Set.of(),
        lower(kind, usual));
  }

  /** One tool in four; nothing else is drawn otherwise for it. */
  private Pad lower(PressKind kind, Press usual) {
    Pad[] all = Pad.values();
    long which = seed + kind.ordinal();
    return which % 4 > 0 ? usual.lower() : all[(int) (which / 4 % all.length)];
  }

  private Closing closing() {
    return new Closing(between(800, 6000), 10);
  }

  /**
   * @param below what it is to lie on; null where it lies by itself
   */
  private Decoration thing(int n, @Nullable Decoration below) {
    ArtKind kind = any(ArtKind.values());
    boolean stones = kind == ArtKind.STONES;
    double width = one(4) ? between(250, 480) : between(25, 260);
    double height = one(4) ? between(250, 600) : between(20, 220);
    Artwork art =
        new Artwork(
            "thing " + n,
            kind,
            new ArtSize(Millimetres.of(width), Millimetres.of(height)),
            new Tones(1 + random.nextInt(6), any(Depth.values())),
            below == null ? place() : below.artwork().placement(),
            one(2) ? Surface.ANY : any(Surface.values()),
            // One in three, and no other seed is drawn otherwise for it.
            new Detail(
                null, (long) (1000 * width) % 3 == 0, null, parts((long) (1000 * width) / 3)),
            stones
                ? new StoneCount(
                    one(3) ? null : any(StoneSize.values()),
                    10 + random.nextInt(300),
                    smaller((long) (1000 * width)))
                : StoneCount.NONE,
            piece((long) (1000 * height)));
    return below == null
        ? new Decoration("d" + n, art, null, null, null, spot(), null)
        : new Decoration("d" + n, art, null, null, below.id(), beside(below.spot()), null);
  }

  /** Two in three are of one size. */
  private static Set<StoneSize> smaller(long which) {
    StoneSize[] all = StoneSize.values();
    return which % 3 > 0
        ? Set.of()
        : EnumSet.of(all[(int) (which / 3 % all.length)], all[(int) (which / 21 % all.length)]);
  }

  /** Nobody says so of two in three. */
  private static @Nullable Parts parts(long seed) {
    return seed % 6 == 0 ? Parts.SOLID : seed % 6 == 1 ? Parts.LOOSE : null;
  }

  /**
   * Known of one piece in three, printed of one in six; no other seed is drawn otherwise for it.
   */
  private static @Nullable Piece piece(long seed) {
    Fibre[] fibres = {Fibre.COTTON, Fibre.POLYESTER, Fibre.WOOL, Fibre.ACETATE, Fibre.SILK};
    return seed % 3 == 0
        ? new Piece(Blend.of(fibres[(int) (seed / 3 % fibres.length)]), seed % 2 == 0)
        : null;
  }

  /** Few makers mean to lay one thing on another without saying so, or on a zip that they see. */
  private boolean isSlip(Decoration thing, List<Decoration> others) {
    return crosses(thing, others) || liesOnHard(thing) && !one(4);
  }

  private boolean liesOnHard(Decoration thing) {
    ArtSize size = thing.artwork().size();
    Spot own = thing.spot();
    Placement usual = thing.artwork().placement();
    Spot spot =
        own != null ? own : PlacementGuide.usual(garment, usual, size.width(), size.height());
    return GarmentPattern.of(garment).obstacles(garment.obstacles(), garment.layout()).stream()
        .filter(one -> one.what().hard() && one.face() == spot.face())
        .anyMatch(one -> one.area().overlaps(spot.area(size.width(), size.height())));
  }

  private static boolean bearsMore(Decoration below) {
    Surface surface = below.artwork().surface();
    return below.artwork().kind() != ArtKind.STONES && Surface.PLAIN.contains(surface);
  }

  private static boolean crosses(Decoration one, List<Decoration> others) {
    return others.stream().anyMatch(other -> crosses(one, other));
  }

  private static boolean crosses(Decoration one, Decoration other) {
    if (one.spot() == null || other.spot() == null) {
      return one.spot() == other.spot() && one.artwork().placement() == other.artwork().placement();
    }
    return one.spot().face() == other.spot().face() && area(one).overlaps(area(other));
  }

  private static Area area(Decoration thing) {
    ArtSize size = thing.artwork().size();
    return thing.spot().area(size.width(), size.height());
  }

  /** Not far from what it lies on. */
  private @Nullable Spot beside(@Nullable Spot other) {
    return other == null
        ? null
        : new Spot(
            other.face(),
            other.fromCentre() + between(-15, 15),
            other.belowCollar() + between(-15, 15));
  }

  private @Nullable Spot spot() {
    return one(2) ? null : new Spot(face(), between(-120, 120), between(30, 300));
  }

  /** Mostly one that the garment has. */
  private Placement place() {
    List<Placement> own = GarmentPlaces.of(garment.kind());
    return one(6) ? any(Placement.values()) : own.get(random.nextInt(own.size()));
  }

  private Schools schools() {
    List<School> kept = new ArrayList<>();
    for (Dispute dispute : Dispute.values()) {
      if (one(3)) {
        List<School> all = dispute.schools();
        kept.add(all.get(random.nextInt(all.size())));
      }
    }
    return new Schools(kept);
  }
}
