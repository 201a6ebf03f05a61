package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
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
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.place.Spot;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.job.Stock;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/** Any job a shop could type in, sensible or not; the same seed gives the same jobs. */
public final class RandomJobs {
  private final Random random;

  private RandomJobs(long seed) {
    random = new Random(seed);
  }

  public static Stream<JobRequest> seeded(long seed, int count) {
    RandomJobs jobs = new RandomJobs(seed);
    return Stream.generate(jobs::job).limit(count);
  }

  private JobRequest job() {
    List<Decoration> decorations = new ArrayList<>();
    for (int n = 0; n <= random.nextInt(3); n++) {
      decorations.add(new Decoration("d" + n, artwork(), null, material(), null, spot()));
    }
    return new JobRequest(
        garment(), decorations, pieces(), press("Press"), workroom(), shop(), experience());
  }

  /** Mostly a handful, sometimes as many as can be typed. */
  private int pieces() {
    return random.nextInt(10) == 0 ? 10_000 - random.nextInt(3000) : 1 + random.nextInt(40);
  }

  private Garment garment() {
    Fabric fabric = any(Fabric.values());
    GarmentKind kind = any(GarmentKind.values());
    Blend blend = blend();
    Colour colour = new Colour("shade", any(Depth.values()), any(Hue.values()));
    DyeKind dye = any(DyeKind.values());
    Finish finish = any(Finish.values());
    Set<Obstacle> obstacles = obstacles();
    IronMark iron = any(IronMark.values());
    Size size = any(Size.values());
    GramsPerSquareMetre weight = random.nextBoolean() ? null : weight(fabric);
    ClothSpec cloth = new ClothSpec(blend, fabric, colour, dye, finish, iron, weight, Map.of());
    return new Garment("garment", kind, size, cloth, obstacles, layout());
  }

  /** Mostly as usual; sometimes measured, with an obstacle anywhere. */
  private Layout layout() {
    if (random.nextInt(3) > 0) {
      return Layout.USUAL;
    }
    Area anywhere =
        new Area(
            random.nextInt(600) - 300,
            random.nextInt(600) - 50,
            1 + random.nextInt(300),
            1 + random.nextInt(300));
    PlacedObstacle placed =
        new PlacedObstacle(any(Obstacle.values()), any(GarmentFace.values()), anywhere);
    return new Layout(10.0 + random.nextInt(1000), null, List.of(placed));
  }

  private @Nullable Spot spot() {
    return random.nextBoolean()
        ? null
        : new Spot(any(GarmentFace.values()), random.nextInt(400) - 200, random.nextInt(500));
  }

  private GramsPerSquareMetre weight(Fabric fabric) {
    return GramsPerSquareMetre.of(fabric.weight().count() * (0.6 + 2.4 * random.nextDouble()));
  }

  private Blend blend() {
    List<Fibre> fibres = new ArrayList<>(List.of(Fibre.values()));
    Collections.shuffle(fibres, random);
    int first = 1 + random.nextInt(100);
    List<FibreShare> shares = new ArrayList<>(List.of(new FibreShare(fibres.get(0), first)));
    if (first < 100 && random.nextInt(5) > 0) {
      shares.add(new FibreShare(fibres.get(1), random.nextInt(4) == 0 ? 0.5 : 100 - first));
    }
    return new Blend(shares);
  }

  private Set<Obstacle> obstacles() {
    Set<Obstacle> near = EnumSet.noneOf(Obstacle.class);
    for (int n = random.nextInt(3); n > 0; n--) {
      near.add(any(Obstacle.values()));
    }
    return near;
  }

  private Artwork artwork() {
    return new Artwork(
        "art",
        any(ArtKind.values()),
        new ArtSize(
            Millimetres.of(5 + random.nextInt(900)), Millimetres.of(5 + random.nextInt(900))),
        new Tones(1 + random.nextInt(12), any(Depth.values())),
        any(Placement.values()),
        any(Surface.values()),
        new Detail(
            random.nextBoolean() ? null : Millimetres.of(0.2 + 3 * random.nextDouble()),
            random.nextInt(5) == 0,
            null),
        new StoneCount(random.nextBoolean() ? null : any(StoneSize.values()), random.nextInt(400)));
  }

  private @Nullable Material material() {
    if (random.nextInt(3) > 0) {
      return null;
    }
    int cool = 100 + random.nextInt(120);
    int brief = 2 + random.nextInt(60);
    InstructionSheet sheet =
        new InstructionSheet(
            random.nextInt(4) == 0 ? null : CelsiusRange.of(cool, cool + random.nextInt(20)),
            random.nextInt(4) == 0 ? null : SecondsRange.of(brief, brief + random.nextInt(20)),
            random.nextBoolean() ? null : any(Pressure.values()),
            random.nextBoolean() ? null : any(Peel.values()),
            random.nextBoolean() ? null : any(CoverSheet.values()),
            random.nextBoolean() ? null : random.nextBoolean(),
            null);
    return new Material("roll", medium(), "white", Depth.WHITE, sheet, 500, 1000, List.of(), null);
  }

  private Press press(String name) {
    Calibration calibration =
        random.nextBoolean() ? Calibration.NONE : Calibration.readsHigh(random.nextInt(31) - 15);
    return new Press(
        name,
        any(PressKind.values()),
        Millimetres.of(50 + random.nextInt(500)),
        Millimetres.of(50 + random.nextInt(500)),
        calibration);
  }

  /**
   * Half of the shops have a wand and an iron beside the press, some stock and their own schools.
   */
  private Shop shop() {
    if (random.nextBoolean()) {
      return Shop.BARE;
    }
    List<Press> drawer =
        List.of(tool(PressKind.WAND), tool(PressKind.IRON_STEAM), press("Other press"));
    List<Stock> shelf = new ArrayList<>();
    for (int n = random.nextInt(6); n > 0; n--) {
      shelf.add(new Stock(medium(), "white", any(Depth.values())));
    }
    List<School> kept = new ArrayList<>();
    for (Dispute dispute : Dispute.values()) {
      if (random.nextInt(3) == 0) {
        kept.add(dispute.schools().get(random.nextInt(dispute.schools().size())));
      }
    }
    return new Shop(drawer, shelf, new Schools(kept));
  }

  private static Press tool(PressKind kind) {
    return new Press(
        "tool " + kind, kind, Millimetres.of(100), Millimetres.of(60), Calibration.NONE);
  }

  private String medium() {
    List<Medium> all = MediaCatalogue.TRADE.all();
    return all.get(random.nextInt(all.size())).key();
  }

  private @Nullable Workroom workroom() {
    return random.nextBoolean()
        ? null
        : new Workroom(Celsius.of(random.nextInt(46)), 5 + random.nextInt(91));
  }

  private Experience experience() {
    if (random.nextBoolean()) {
      return Experience.NONE;
    }
    List<Experience.Result> results = new ArrayList<>();
    MediaCatalogue.TRADE
        .all()
        .forEach(
            medium ->
                results.add(
                    new Experience.Result(
                        medium.key(),
                        garment().clothKind(),
                        random.nextInt(9),
                        random.nextInt(9))));
    return new Experience(results);
  }

  private <T> T any(T[] values) {
    return values[random.nextInt(values.length)];
  }
}
