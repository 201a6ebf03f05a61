package velvetkettle.core.place;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * Finds where the platen goes [common practice, no source]: clear of every obstacle if that costs
 * no further position, with the garment hanging off the edge; over soft ones on a pad; else with a
 * smaller platen, in parts, or on an insert. Art on a zip has to move.
 */
public final class PlatenOnGarment {
  /**
   * Overlap of neighbouring positions, so that nothing misses the heat [common practice, no
   * source].
   */
  public static final double OVERLAP = 20;

  /** How far an insert reaches round the art, so that its edge does not print, mm. */
  private static final double INSERT_MARGIN = 8;

  /** From a platen's edge to a hard obstacle, mm. */
  private static final double CLEARANCE = 3;

  /** The same is asked for every medium that one press does. */
  private static final Cache<Asked, Placing> REMEMBERED =
      Caffeine.newBuilder().maximumSize(1000).build();

  private record Asked(
      Garment garment,
      Placement placement,
      @Nullable Spot spot,
      Millimetres width,
      Millimetres height,
      Press press,
      List<Press> drawer) {
    Placing find() {
      return new PlatenOnGarment(garment, placement, spot, width, height, press, drawer).find();
    }
  }

  private final Garment garment;
  private final Placement placement;
  private final Spot spot;
  private final boolean isUsual;
  private final Area art;
  private final Press press;
  private final List<Press> drawer;
  private final GarmentPattern pattern;

  private final List<PlacedObstacle> own;

  /** Those of the other face, as they lie below this one. */
  private final List<PlacedObstacle> below;

  private PlatenOnGarment(
      Garment garment,
      Placement placement,
      @Nullable Spot wanted,
      Millimetres width,
      Millimetres height,
      Press press,
      List<Press> drawer) {
    this.garment = garment;
    this.placement = placement;
    isUsual = wanted == null;
    Spot there = wanted == null ? PlacementGuide.usual(garment, placement, width, height) : wanted;
    spot = there;
    art = there.area(width, height);
    this.press = press;
    this.drawer = drawer;
    pattern = GarmentPattern.of(garment);
    List<PlacedObstacle> all = pattern.obstacles(garment.obstacles(), garment.layout());
    own = all.stream().filter(one -> one.face() == there.face() && !isGround(one)).toList();
    below =
        garment.kind().layers() == 1
            ? List.of()
            : GarmentPattern.below(pattern, there.face(), all).toList();
  }

  /**
   * @param spot null where it goes to its usual place
   * @param drawer presses that could do it instead
   */
  public static Placing of(
      Garment garment,
      Placement placement,
      @Nullable Spot spot,
      Millimetres width,
      Millimetres height,
      Press press,
      List<Press> drawer) {
    Asked asked = new Asked(garment, placement, spot, width, height, press, List.copyOf(drawer));
    return REMEMBERED.get(asked, Asked::find);
  }

  /** The same without any platen: for what is sewn, tied or glued. */
  public static Placing unpressed(
      Garment garment,
      Placement placement,
      @Nullable Spot spot,
      Millimetres width,
      Millimetres height,
      Press press) {
    return new PlatenOnGarment(garment, placement, spot, width, height, press, List.of())
        .found(PlatenApproach.CLEAR, new PressPositions.Found(List.of(), true), null);
  }

  /**
   * A patch pocket that the art lies wholly on is what it is pressed to, not what is in the way.
   */
  private boolean isGround(PlacedObstacle one) {
    return one.what() == Obstacle.POCKET && one.area().contains(art);
  }

  private Stream<PlacedObstacle> obstacles() {
    return Stream.concat(own.stream(), below.stream());
  }

  private Placing find() {
    Optional<PlacedObstacle> under =
        own.stream().filter(one -> one.what().hard() && one.area().overlaps(art)).findFirst();
    int fewest = Math.max(1, cover(press, List.of()).positions().size());
    if (under.isPresent()) {
      return found(PlatenApproach.MOVE, cover(press, List.of()), away(under.get()));
    }
    PressPositions.Found clear = cover(press, keepOuts(false));
    if (clear.positions().size() == fewest) {
      Sentence which = about("place.hang-off", cover(press, List.of()), true);
      return which == null
          ? found(needsForm() ? PlatenApproach.FORM : PlatenApproach.CLEAR, clear, form())
          : found(PlatenApproach.HANG_OFF, clear, which);
    }
    PressPositions.Found padded = cover(press, keepOuts(true));
    if (padded.positions().size() == fewest) {
      boolean hasInside = garment.kind().layers() == 2;
      String key = hasInside ? "place.pad" : "place.pad-below";
      return found(PlatenApproach.PAD, padded, about(key, padded, false));
    }
    return around(fewest, clear, padded);
  }

  /** Not possible in the usual number of positions: the shop's other presses, parts, an insert. */
  private Placing around(int fewest, PressPositions.Found clear, PressPositions.Found padded) {
    Optional<Press> smaller =
        drawer.stream()
            .filter(other -> platen(other) < platen(press))
            .filter(other -> cover(other, keepOuts(false)).positions().size() == fewest)
            .findFirst();
    PressPositions.Found parts = clear.positions().isEmpty() ? padded : clear;
    if (!parts.positions().isEmpty()) {
      Sentence say =
          smaller.isPresent()
              ? Sentence.of("place.smaller", smaller.get().name(), parts.positions().size())
              : Sentence.of("place.in-parts", parts.positions().size());
      return found(
          smaller.isPresent() ? PlatenApproach.SMALLER_PLATEN : PlatenApproach.IN_PARTS,
          parts,
          say);
    }
    PressPositions.Found anyway = cover(press, List.of());
    if (smaller.isPresent()) {
      Sentence say = Sentence.of("place.only-smaller", smaller.get().name());
      return found(PlatenApproach.SMALLER_PLATEN, anyway, say);
    }
    Area insert = art.grown(INSERT_MARGIN);
    boolean fits = insertFits(insert);
    Obstacle what =
        met(anyway.positions())
            .map(PlacedObstacle::what)
            .max(Comparator.comparing(Obstacle::hard))
            .orElseGet(() -> obstacles().map(PlacedObstacle::what).findFirst().orElseThrow());
    Sentence say =
        Sentence.of(
            fits ? "place.insert" : "place.no-insert",
            what,
            Millimetres.of(insert.width()),
            Millimetres.of(insert.height()));
    return found(fits ? PlatenApproach.INSERT : PlatenApproach.MOVE, anyway, say);
  }

  private static double platen(Press press) {
    return press.platenWidth().count() * press.platenDepth().count();
  }

  private boolean insertFits(Area insert) {
    return garment.kind().layers() == 2
        && pattern.outline(spot.face()).holds(insert) > 0.999
        && own.stream().noneMatch(one -> one.what().hard() && one.area().overlaps(insert));
  }

  private PressPositions.Found cover(Press with, List<Area> keepOuts) {
    if (with.kind().setsSingleStones()) {
      // Stone by stone: nothing beside the art is touched.
      return new PressPositions.Found(List.of(art), true);
    }
    return PressPositions.cover(
        new PressPositions.Task(
            List.of(art),
            with.platenWidth().count(),
            with.platenDepth().count(),
            OVERLAP,
            keepOuts,
            null));
  }

  private List<Area> keepOuts(boolean hardOnly) {
    return obstacles()
        .filter(one -> one.what().hard() || !hardOnly)
        .map(one -> one.what().hard() ? one.area().grown(CLEARANCE) : one.area())
        .toList();
  }

  private Stream<PlacedObstacle> met(List<Area> positions) {
    return obstacles().filter(one -> positions.stream().anyMatch(p -> p.overlaps(one.area())));
  }

  /**
   * Names what lies under the platen at those positions; null where nothing does.
   *
   * @param hardFirst whether a hard obstacle is named before a soft one
   */
  private @Nullable Sentence about(String key, PressPositions.Found found, boolean hardFirst) {
    List<Obstacle> all = met(found.positions()).map(PlacedObstacle::what).toList();
    return all.stream()
        .filter(what -> !hardFirst || what.hard())
        .findFirst()
        .or(() -> all.stream().findFirst())
        .map(what -> Sentence.of(key, what))
        .orElse(null);
  }

  private boolean needsForm() {
    return placement == Placement.SLEEVE && garment.kind().layers() == 2;
  }

  private @Nullable Sentence form() {
    return needsForm() ? Sentence.of("place.form", Millimetres.of(art.width() + 20)) : null;
  }

  /** The shortest way off a hard obstacle. */
  private Sentence away(PlacedObstacle one) {
    Area hard = one.area().grown(CLEARANCE);
    double[] ways = {
      hard.right() - art.x(),
      art.right() - hard.x(),
      art.bottom() - hard.y(),
      hard.bottom() - art.y()
    };
    String[] names = {"right", "left", "up", "down"};
    int shortest = 0;
    for (int i = 1; i < ways.length; i++) {
      if (ways[i] < ways[shortest]) {
        shortest = i;
      }
    }
    double by = Math.min(5000, Math.ceil(ways[shortest]));
    return Sentence.of("place.move-" + names[shortest], one.what(), Millimetres.of(by));
  }

  private Placing found(PlatenApproach way, PressPositions.Found found, @Nullable Sentence say) {
    List<Sentence> advice = new ArrayList<>();
    if (say != null) {
      advice.add(say);
    }
    if (way == PlatenApproach.PAD) {
      advice.add(Sentence.of("place.tune-pressure"));
    }
    if (!isUsual || placement != Placement.SLEEVE) {
      // Art goes along a sleeve, which is drawn aslant: at its usual place it is not measured.
      beyondTheCloth().ifPresent(advice::add);
    }
    seamsBelow().ifPresent(advice::add);
    Area insert =
        way.raises() && insertFits(art.grown(INSERT_MARGIN)) ? art.grown(INSERT_MARGIN) : null;
    TreeSet<Obstacle> met =
        met(found.positions())
            .map(PlacedObstacle::what)
            .collect(Collectors.toCollection(TreeSet::new));
    return new Placing(
        spot.face(),
        art,
        GarmentPattern.behind(pattern, spot.face(), art),
        found.positions(),
        found.proven(),
        way,
        met,
        insert,
        advice);
  }

  private Optional<Sentence> beyondTheCloth() {
    double held = pattern.outline(spot.face()).holds(art);
    int over = (int) Math.ceil(100 * (1 - held) - 0.05);
    return over <= 0 ? Optional.empty() : Optional.of(Sentence.of("place.off-cloth", over));
  }

  /** Quilting presses unevenly: whether the art fits a flat field between two seams. */
  private Optional<Sentence> seamsBelow() {
    List<Area> seams =
        own.stream()
            .filter(one -> one.what() == Obstacle.PADDING)
            .map(PlacedObstacle::area)
            .toList();
    long crossed = seams.stream().filter(art::overlaps).count();
    return crossed == 0
        ? Optional.empty()
        : Optional.of(
            Sentence.of("place.across-seams", (int) crossed, Millimetres.of(field(seams))));
  }

  /** The highest flat field between two seams, mm. */
  private static double field(List<Area> seams) {
    double highest = 0;
    List<Area> down = seams.stream().sorted(Comparator.comparing(Area::y)).toList();
    for (int i = 1; i < down.size(); i++) {
      highest = Math.max(highest, down.get(i).y() - down.get(i - 1).bottom());
    }
    return Math.floor(highest);
  }
}
