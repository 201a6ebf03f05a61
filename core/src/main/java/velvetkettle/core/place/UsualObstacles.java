package velvetkettle.core.place;

import static velvetkettle.core.cloth.GarmentFace.BACK;
import static velvetkettle.core.cloth.GarmentFace.FRONT;

import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;

/** Where obstacles lie on most garments of a kind [engineering estimates]. */
final class UsualObstacles {
  private static final double ZIP_WIDTH = 14;

  /** Between the quilting seams of a padded shell. */
  private static final double QUILTING = 90;

  private final GarmentPattern pattern;
  private final Obstacle what;
  private final Set<Obstacle> beside;
  private final double width;

  private UsualObstacles(GarmentPattern pattern, Obstacle what, Set<Obstacle> beside) {
    this.pattern = pattern;
    this.what = what;
    this.beside = beside;
    width = pattern.width();
  }

  /**
   * @param beside all that the garment has: a hooded sweatshirt with a zip is zipped all the way
   */
  static Stream<PlacedObstacle> of(GarmentPattern pattern, Obstacle what, Set<Obstacle> beside) {
    return new UsualObstacles(pattern, what, beside).usual();
  }

  private Stream<PlacedObstacle> usual() {
    double hem = pattern.hem(FRONT);
    return switch (what) {
      case ZIP ->
          switch (pattern.kind()) {
            case TOP, SHIRT, SWEATSHIRT, LONG_SLEEVE ->
                front(0, -10, ZIP_WIDTH, hem * (beside.contains(Obstacle.HOOD) ? 1 : 0.3));
            case BAG -> front(0, 10, width * 0.9, ZIP_WIDTH);
            case TROUSERS -> front(0, 20, ZIP_WIDTH, 180);
            default -> front(0, 0, ZIP_WIDTH, hem);
          };
      case POCKET ->
          pattern.kind() == GarmentKind.APRON
              ? front(0, hem * 0.5, width * 0.5, hem * 0.25)
              : pattern.kind() == GarmentKind.BAG
                  ? front(0, hem * 0.35, width * 0.6, hem * 0.5)
                  : front(width * 0.19, hem * 0.12, width * 0.21, hem * 0.21);
      case POCKET_ZIP ->
          Stream.concat(
              front(-width * 0.32, hem * 0.6, ZIP_WIDTH, hem * 0.24),
              front(width * 0.32, hem * 0.6, ZIP_WIDTH, hem * 0.24));
      case SEAM -> one(BACK, Area.under(0, pattern.hem(BACK) * 0.14, width * 0.92, 8));
      case BUTTON, SNAP -> pattern.kind() == GarmentKind.BODYSUIT ? atTheCrotch(hem) : row(hem);
      case COLLAR -> Stream.concat(front(0, -20, 200, 40), one(BACK, Area.under(0, -20, 200, 60)));
      case RIBBING ->
          Stream.concat(
              front(0, hem - 60, width, 60),
              one(BACK, Area.under(0, pattern.hem(BACK) - 60, width, 60)));
      // It is drawn up over the collar: what stays is the seam that it hangs on.
      case HOOD -> one(BACK, Area.under(0, -20, width * 0.4, 40));
      case PADDING -> Stream.concat(quilting(FRONT), quilting(BACK));
      case LINING -> Stream.empty();
      case RIVET ->
          Stream.concat(
              front(-width * 0.35, hem * 0.06, 12, 12), front(width * 0.35, hem * 0.06, 12, 12));
      case HANDLE -> Stream.concat(front(-width * 0.25, 0, 30, 60), front(width * 0.25, 0, 30, 60));
      case BRIM -> front(0, hem - 15, width, 60);
      case DRAWCORD -> Stream.concat(front(-30, 5, 12, hem * 0.25), front(30, 5, 12, hem * 0.25));
      case REFLECTIVE_TAPE ->
          Stream.concat(
              front(0, hem * 0.55, width, 50),
              one(BACK, Area.under(0, pattern.hem(BACK) * 0.55, width, 50)));
      case EMBROIDERY -> front(width * 0.19, hem * 0.14, 90, 60);
      case OLD_PRINT -> front(0, hem * 0.12, width * 0.5, hem * 0.35);
    };
  }

  /** Down the middle of the front, a palm apart. */
  private Stream<PlacedObstacle> row(double hem) {
    int count = pattern.kind() == GarmentKind.TOP ? 3 : 6;
    double apart = pattern.kind() == GarmentKind.TOP ? 45 : hem / 6.5;
    return IntStream.range(0, count).boxed().flatMap(n -> front(0, 15 + n * apart, 14, 14));
  }

  private Stream<PlacedObstacle> atTheCrotch(double hem) {
    return IntStream.rangeClosed(-1, 1).boxed().flatMap(n -> front(n * 25.0, hem - 20, 12, 12));
  }

  private Stream<PlacedObstacle> quilting(GarmentFace face) {
    int seams = (int) (pattern.hem(face) / QUILTING);
    return IntStream.rangeClosed(1, Math.min(seams, 20))
        .boxed()
        .flatMap(n -> one(face, Area.under(0, n * QUILTING - 3, width * 0.95, 6)));
  }

  private Stream<PlacedObstacle> front(double middle, double top, double across, double down) {
    return one(FRONT, Area.under(middle, top, across, down));
  }

  private Stream<PlacedObstacle> one(GarmentFace face, Area area) {
    return Stream.of(new PlacedObstacle(what, face, area));
  }
}
