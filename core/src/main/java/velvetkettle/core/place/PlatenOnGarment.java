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
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.PlatenContact;
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

  /** How much wider than the art a form is, mm. */
  private static final double FORM_WIDER = 20;

  /** From a platen's edge to a hard obstacle, mm. */
  private static final double CLEARANCE = 3;

  /** The same is asked for every medium that one press does. */
  private static final Cache<Question, Placing> REMEMBERED =
      Caffeine.newBuilder().maximumSize(1000).build();

  private static final Cache<Question, PlatenContact> REMEMBERED_CONTACT =
      Caffeine.newBuilder().maximumSize(1000).build();

  /**
   * Art of that size on a garment, and the press that is to come down on it.
   *
   * @param spot null where it goes to its usual place
   * @param drawer presses that could do it instead
   */
  public record Question(
      Garment garment,
      Placement placement,
      @Nullable Spot spot,
      Millimetres width,
      Millimetres height,
      Press press,
      List<Press> drawer) {
    public Question {
      drawer = List.copyOf(drawer);
    }

    /** Where it lies, and where the platen goes. */
    public Placing placing() {
      return REMEMBERED.get(this, question -> question.platen().find());
    }

    /** How the platen reaches it there. */
    public PlatenContact contact() {
      return REMEMBERED_CONTACT.get(
          this, question -> question.platen().contact(question.placing()));
    }

    /** Where it lies without any platen: what is sewn, tied or glued. */
    public Placing unpressed() {
      return platen()
          .found(PlatenApproach.CLEAR, new PressPositions.Found(List.of(), true), null, null);
    }

    private PlatenOnGarment platen() {
      return new PlatenOnGarment(garment, placement, spot, width, height, press, drawer);
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

  /** What opens the other face, so that none of it lies below; null where nothing does. */
  private final @Nullable Obstacle opened;

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
    opened = placement.isTube() ? null : pattern.opening(there.face(), all).orElse(null);
    below =
        garment.kind().layers() == 1 || opened != null
            ? List.of()
            : GarmentPattern.below(pattern, there.face(), all).toList();
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
      return found(
          PlatenApproach.MOVE, cover(press, List.of()), under.get().what(), away(under.get()));
    }
    PressPositions.Found clear = cover(press, keepOuts(false));
    if (clear.positions().size() == fewest) {
      Obstacle which = about(cover(press, List.of()), true);
      return which == null
          ? found(needsForm() ? PlatenApproach.FORM : PlatenApproach.CLEAR, clear, null, form())
          : found(PlatenApproach.HANG_OFF, clear, which, Sentence.of("place.hang-off", which));
    }
    PressPositions.Found padded = cover(press, keepOuts(true));
    if (padded.positions().size() == fewest) {
      return onPad(padded);
    }
    PressPositions.Found alone = cover(press, keepOuts(own, false));
    return hasInside() && alone.positions().size() == fewest
        ? oneLayer(alone)
        : around(fewest, clear, padded);
  }

  /** Over soft obstacles, which a pad below the art keeps from the platen. */
  private Placing onPad(PressPositions.Found padded) {
    String key = hasInside() ? "place.pad" : "place.pad-below";
    Obstacle what = about(padded, false);
    return found(PlatenApproach.PAD, padded, what, what == null ? null : Sentence.of(key, what));
  }

  private Placing oneLayer(PressPositions.Found alone) {
    return below.stream()
        .filter(one -> alone.positions().stream().anyMatch(kept(one)::overlaps))
        .map(PlacedObstacle::what)
        .max(Comparator.comparing(Obstacle::hard))
        .map(
            behind ->
                found(
                    PlatenApproach.ONE_LAYER,
                    alone,
                    behind,
                    Sentence.of("place.one-layer", behind)))
        // These positions miss what lies behind: nothing has to be drawn over.
        .orElseGet(() -> found(PlatenApproach.CLEAR, alone, null, null));
  }

  /** Not possible in the usual number of positions: the shop's other presses, parts, an insert. */
  private Placing around(int fewest, PressPositions.Found clear, PressPositions.Found padded) {
    Optional<Press> smaller =
        drawer.stream()
            .filter(other -> other.area() < press.area() && !other.kind().setsSingleStones())
            .filter(other -> cover(other, keepOuts(false)).positions().size() == fewest)
            .findFirst();
    if (!clear.positions().isEmpty()) {
      Sentence say =
          smaller.isPresent()
              ? Sentence.of("place.smaller", smaller.get().name(), clear.positions().size())
              : Sentence.of("place.in-parts", clear.positions().size());
      return found(
          smaller.isPresent() ? PlatenApproach.SMALLER_PLATEN : PlatenApproach.IN_PARTS,
          clear,
          null,
          say);
    }
    if (!padded.positions().isEmpty()) {
      return onPad(padded);
    }
    PressPositions.Found anyway = cover(press, List.of());
    if (smaller.isPresent()) {
      return onlySmaller(smaller.get(), anyway);
    }
    if (anyway.positions().isEmpty()) {
      // Not for what is in the way: the tool is far too small.
      return found(
          PlatenApproach.MOVE, anyway, null, Sentence.of("place.tool-too-small", press.name()));
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
            !fits ? "place.no-insert" : hasInside() ? "place.insert" : "place.insert-below",
            what,
            Millimetres.of(insert.width()),
            Millimetres.of(insert.height()));
    return found(fits ? PlatenApproach.INSERT : PlatenApproach.MOVE, anyway, what, say);
  }

  /** The other press is better; with this one only what is lifted can be pressed. */
  private Placing onlySmaller(Press smaller, PressPositions.Found anyway) {
    Area insert = art.grown(INSERT_MARGIN);
    boolean fits = insertFits(insert);
    Sentence say =
        fits
            ? Sentence.of(
                "place.smaller-or-insert",
                smaller.name(),
                Millimetres.of(insert.width()),
                Millimetres.of(insert.height()))
            : Sentence.of("place.only-smaller", smaller.name());
    return found(
        fits ? PlatenApproach.SMALLER_PLATEN : PlatenApproach.MOVE,
        anyway,
        null,
        say,
        fits ? insert : null);
  }

  private PlatenContact contact(Placing laid) {
    if (press.kind().setsSingleStones() || laid.positions().isEmpty()) {
      return PlatenContact.middleOf(press);
    }
    Area insert = laid.insert();
    List<Double> carrying = new ArrayList<>();
    for (Area position : laid.positions()) {
      if (insert != null) {
        carrying.add(insert.common(position).surface() / position.surface());
      } else if (laid.way() == PlatenApproach.FORM) {
        carrying.add(Math.min(1, (art.width() + FORM_WIDER) / position.width()));
      } else {
        carrying.add(pattern.outline(laid.face()).holds(position));
      }
    }
    List<PlacedObstacle> beside =
        insert != null
            ? List.of()
            : (laid.oneLayer() ? own.stream() : obstacles())
                .filter(one -> !one.what().hard() && !isGround(one))
                .toList();
    return new WeakestPosition(
            press,
            art,
            laid.positions(),
            carrying,
            beside,
            garment.thickness().count(),
            insert == null ? LowerSide.of(garment, false, press) : Pad.FOAM_PAD,
            OVERLAP)
        .weakest();
  }

  /** As far round the art as it fits. */
  private Area insert() {
    Area wide = art.grown(INSERT_MARGIN);
    return insertFits(wide) ? wide : art;
  }

  /** Inside a garment it has to lie in it; below a single layer there is room. */
  private boolean insertFits(Area insert) {
    boolean room = !hasInside() || pattern.outline(spot.face()).holds(insert) > 0.999;
    return room && obstacles().noneMatch(one -> one.what().hard() && one.area().overlaps(insert));
  }

  private PressPositions.Found cover(Press with, List<Area> keepOuts) {
    if (with.kind().setsSingleStones()) {
      // Stone by stone: nothing beside the art is touched.
      boolean free = keepOuts.stream().noneMatch(art::overlaps);
      return new PressPositions.Found(free ? List.of(art) : List.of(), true);
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
    return keepOuts(obstacles().toList(), hardOnly);
  }

  /** A tip bends to what is soft. */
  private List<Area> keepOuts(List<PlacedObstacle> from, boolean hardOnly) {
    boolean soft = !hardOnly && !press.kind().setsSingleStones();
    return from.stream()
        .filter(one -> one.what().hard() || soft)
        .map(PlatenOnGarment::kept)
        .toList();
  }

  /** What no platen may touch for it. */
  private static Area kept(PlacedObstacle one) {
    return one.what().hard() ? one.area().grown(CLEARANCE) : one.area();
  }

  private Stream<PlacedObstacle> met(List<Area> positions) {
    return obstacles().filter(one -> positions.stream().anyMatch(p -> p.overlaps(one.area())));
  }

  /**
   * What lies under the platen at those positions; null where nothing does.
   *
   * @param hardFirst whether a hard obstacle is named before a soft one
   */
  private @Nullable Obstacle about(PressPositions.Found found, boolean hardFirst) {
    List<Obstacle> all = met(found.positions()).map(PlacedObstacle::what).toList();
    return all.stream()
        .filter(what -> !hardFirst || what.hard())
        .findFirst()
        .or(() -> all.stream().findFirst())
        .orElse(null);
  }

  /** Whether something else lies below what is pressed, with room for a pad between. */
  private boolean hasInside() {
    return garment.kind().layers() == 2 && opened == null;
  }

  private boolean needsForm() {
    return placement.onSleeve() && hasInside();
  }

  private @Nullable Sentence form() {
    return needsForm() ? Sentence.of("place.form", Millimetres.of(art.width() + FORM_WIDER)) : null;
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

  private Placing found(
      PlatenApproach way,
      PressPositions.Found found,
      @Nullable Obstacle about,
      @Nullable Sentence say) {
    return found(way, found, about, say, way.raises() ? insert() : null);
  }

  private Placing found(
      PlatenApproach way,
      PressPositions.Found found,
      @Nullable Obstacle about,
      @Nullable Sentence say,
      @Nullable Area insert) {
    List<Sentence> advice = new ArrayList<>();
    if (opened != null && !way.isHopeless()) {
      advice.add(Sentence.of("place.open-up", opened.asFastening(), spot.face()));
    }
    if (say != null) {
      advice.add(say);
    }
    if (way == PlatenApproach.PAD) {
      advice.add(Sentence.of("place.tune-pressure"));
    }
    if (!isUsual || !placement.onSleeve()) {
      // Art goes along a sleeve, which is drawn aslant: at its usual place it is not measured.
      beyondTheCloth().ifPresent(advice::add);
    }
    advice.addAll(seamsBelow());
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
        about,
        opened,
        met,
        insert,
        advice);
  }

  private Optional<Sentence> beyondTheCloth() {
    double held = pattern.outline(spot.face()).holds(art);
    int over = (int) Math.ceil(100 * (1 - held) - 0.05);
    return over <= 0 ? Optional.empty() : Optional.of(Sentence.of("place.off-cloth", over));
  }

  /** Quilting and seams press unevenly: whether the art fits the flat field that it lies in. */
  private List<Sentence> seamsBelow() {
    List<Area> seams =
        own.stream()
            .filter(one -> one.what() == Obstacle.PADDING || one.what() == Obstacle.SEAM)
            .map(PlacedObstacle::area)
            .toList();
    Area cloth = new Area(-pattern.width() / 2, 0, pattern.width(), pattern.hem(spot.face()));
    return new FieldBetweenSeams(art, cloth, seams).advice();
  }
}
