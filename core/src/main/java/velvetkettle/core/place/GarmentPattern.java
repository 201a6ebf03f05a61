package velvetkettle.core.place;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;

/**
 * Both faces of a garment as it lies flat, in mm from the middle of each face's collar.
 *
 * @param width of its body across
 * @param length from the top of the shoulder to the hem
 * @param frontCollar how far the front's collar stands below the top of the shoulder; 0 where there
 *     is none
 * @param backCollar likewise
 */
public record GarmentPattern(
    GarmentKind kind,
    double width,
    double length,
    Outline front,
    Outline back,
    double frontCollar,
    double backCollar) {

  /** How far from the middle a garment opens, of its width (engineering estimate). */
  private static final double ASIDE = 0.2;

  /** Where what opens it begins and ends at the latest, of its length (engineering estimates). */
  private static final double OPENS_FROM = 0.15;

  private static final double OPENS_TO = 0.75;

  public static GarmentPattern of(Garment garment) {
    return of(garment.kind(), garment.size(), garment.layout());
  }

  public static GarmentPattern of(GarmentKind kind, Size size, Layout layout) {
    double scale = Shapes.scale(kind, size);
    Shapes.Measures drawn = Shapes.drawn(kind);
    double width = layout.width() == null ? 2 * drawn.x() * scale : layout.width();
    double length = layout.length() == null ? drawn.y() * scale : layout.length();
    double across = width / (2 * drawn.x());
    double along = length / drawn.y();
    double frontCollar = Shapes.collar(kind, true) * along;
    double backCollar = Shapes.collar(kind, false) * along;
    return new GarmentPattern(
        kind,
        width,
        length,
        Shapes.outline(kind, true).stretched(across, along).from(frontCollar),
        Shapes.outline(kind, false).stretched(across, along).from(backCollar),
        frontCollar,
        backCollar);
  }

  public Outline outline(GarmentFace face) {
    return face == GarmentFace.FRONT ? front : back;
  }

  public double collar(GarmentFace face) {
    return face == GarmentFace.FRONT ? frontCollar : backCollar;
  }

  /** From the collar down to the hem. */
  double hem(GarmentFace face) {
    return length - collar(face);
  }

  /** All obstacles of a garment: where the maker placed them, else where they usually lie. */
  public List<PlacedObstacle> obstacles(Set<Obstacle> obstacles, Layout layout) {
    return obstacles.stream()
        .sorted()
        .flatMap(
            what ->
                layout.placed().stream().anyMatch(p -> p.what() == what)
                    ? layout.placed().stream().filter(p -> p.what() == what)
                    : UsualObstacles.of(this, what, obstacles))
        .toList();
  }

  /**
   * What opens the other face from its collar nearly to its hem, so that one face can be laid on a
   * platen alone; empty where nothing does, as a short zip at the neck.
   */
  Optional<Obstacle> opening(GarmentFace face, List<PlacedObstacle> obstacles) {
    if (kind.layers() == 1) {
      return Optional.empty();
    }
    GarmentFace other = face.other();
    return obstacles.stream()
        .filter(one -> one.face() == other && one.what().fastens())
        .map(PlacedObstacle::what)
        .distinct()
        .filter(what -> opensAllTheWay(obstacles.stream().filter(one -> one.what() == what), other))
        .findFirst();
  }

  public Optional<Obstacle> opening(Garment garment, GarmentFace face) {
    return opening(face, obstacles(garment.obstacles(), garment.layout()));
  }

  private boolean opensAllTheWay(Stream<PlacedObstacle> fastening, GarmentFace face) {
    List<Area> row = fastening.filter(one -> one.face() == face).map(PlacedObstacle::area).toList();
    double top = row.stream().mapToDouble(Area::y).min().orElseThrow();
    double bottom = row.stream().mapToDouble(Area::bottom).max().orElseThrow();
    boolean upright =
        row.stream().allMatch(one -> Math.abs(one.x() + one.width() / 2) <= ASIDE * width);
    return upright && top <= OPENS_FROM * hem(face) && bottom >= OPENS_TO * hem(face);
  }

  /** The patch pockets of one face. */
  public static List<Area> pockets(Garment garment, GarmentFace face) {
    return of(garment).obstacles(garment.obstacles(), garment.layout()).stream()
        .filter(one -> one.what() == Obstacle.POCKET && one.face() == face)
        .map(PlacedObstacle::area)
        .toList();
  }

  /** As they lie below one face: those of the other, seen through the cloth. */
  static Stream<PlacedObstacle> below(
      GarmentPattern pattern, GarmentFace face, List<PlacedObstacle> obstacles) {
    return obstacles.stream()
        .filter(one -> one.face() != face)
        .map(one -> new PlacedObstacle(one.what(), face, behind(pattern, one.face(), one.area())));
  }

  /** Where a place of one face lies below the other. */
  public Point behind(GarmentFace face, Point place) {
    return new Point(-place.x(), place.y() + collar(face) - collar(face.other()));
  }

  /** Where an area of one face lies below the other, once the garment is turned over. */
  public Area behind(GarmentFace face, Area area) {
    return behind(this, face, area);
  }

  static Area behind(GarmentPattern pattern, GarmentFace face, Area area) {
    return area.mirrored().moved(0, pattern.collar(face) - pattern.collar(face.other()));
  }
}
