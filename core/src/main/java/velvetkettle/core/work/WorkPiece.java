package velvetkettle.core.work;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.Point;

/**
 * A garment as it is cut: what hands find on it.
 *
 * @param hard what would be crushed, where it lies on its own face
 */
public record WorkPiece(Garment garment, GarmentPattern pattern, List<PlacedObstacle> hard) {
  public WorkPiece {
    hard = List.copyOf(hard);
  }

  static WorkPiece of(Garment garment) {
    GarmentPattern pattern = GarmentPattern.of(garment);
    return new WorkPiece(
        garment,
        pattern,
        pattern.obstacles(garment.obstacles(), garment.layout()).stream()
            .filter(one -> one.what().hard())
            .toList());
  }

  /** Whether one of its faces is opened all the way by that. */
  boolean opens(Obstacle fastening) {
    return Stream.of(GarmentFace.values())
        .anyMatch(face -> pattern.opening(garment, face).filter(fastening::equals).isPresent());
  }

  boolean hasInside() {
    return garment.kind().layers() == 2;
  }

  /** Whether a pocket lies under a place of a face. */
  boolean hasPocket(GarmentFace face, Point place) {
    return GarmentPattern.pockets(garment, face).stream().anyMatch(place::isIn);
  }

  /** Where a place of one face lies below the other. */
  Point behind(GarmentFace face, Point place) {
    return pattern.behind(face, place);
  }

  /** Something hard between the platens where an area of a face is pressed. */
  Optional<Obstacle> under(Area pressed, GarmentFace face, Pose.Way way) {
    boolean whole = way == Pose.Way.FLAT && hasInside();
    return hard.stream()
        .filter(one -> one.face() == face || whole)
        .filter(one -> on(face, one).overlaps(pressed))
        .map(PlacedObstacle::what)
        .findFirst();
  }

  private Area on(GarmentFace face, PlacedObstacle one) {
    return one.face() == face ? one.area() : pattern.behind(one.face(), one.area());
  }

  /** The same with nothing that could be crushed: what heat would do there all the same. */
  WorkPiece bare() {
    return new WorkPiece(garment, pattern, List.of());
  }
}
