package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Area;

/** Positions in even rows over each piece of art, in the better of the platen's two directions. */
final class Rows {
  /** Platens in the area of the art; above it a search takes long and saves a hand little. */
  private static final double MANY = 16;

  private Rows() {}

  static boolean tooMany(PressPositions.Task task) {
    double art = task.art().stream().mapToDouble(one -> one.width() * one.height()).sum();
    return art > MANY * task.platenWidth() * task.platenDepth();
  }

  static List<Area> of(PressPositions.Task task) {
    List<Area> places = new ArrayList<>();
    for (Area art : task.art()) {
      List<Area> upright = over(art, task.platenWidth(), task.platenDepth());
      List<Area> turned = over(art, task.platenDepth(), task.platenWidth());
      places.addAll(turned.size() < upright.size() ? turned : upright);
    }
    return places;
  }

  private static List<Area> over(Area art, double width, double depth) {
    int columns = Math.max(1, (int) Math.ceil(art.width() / width - Candidates.SAME));
    int rows = Math.max(1, (int) Math.ceil(art.height() / depth - Candidates.SAME));
    List<Area> places = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double x = at(art.x(), art.width(), width, column, columns);
        double y = at(art.y(), art.height(), depth, row, rows);
        places.add(new Area(x, y, width, depth));
      }
    }
    return places;
  }

  /** What the platens reach too far is shared by their overlaps and both ends. */
  private static double at(double from, double length, double side, int number, int of) {
    double spare = (of * side - length) / (of + 1);
    return from - spare + number * (side - spare);
  }
}
