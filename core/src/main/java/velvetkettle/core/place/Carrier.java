package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * The carrier that art is laid down with.
 *
 * @param name of the art, as makers tell it from the rest
 * @param art where it lies, mm
 * @param round how far the carrier reaches over it on every side, mm, 0 and more
 */
public record Carrier(String name, GarmentFace face, Area art, double round) {
  /** What touches lies over nothing, mm. */
  private static final double TOUCH = 0.05;

  /** Those that would lie over one another: under the upper one film presses on a carrier. */
  public static List<Sentence> overOneAnother(List<Carrier> carriers) {
    List<Sentence> told = new ArrayList<>();
    for (int i = 0; i < carriers.size(); i++) {
      for (int j = i + 1; j < carriers.size(); j++) {
        told.addAll(between(carriers.get(i), carriers.get(j)));
      }
    }
    return told;
  }

  private static List<Sentence> between(Carrier one, Carrier other) {
    double apart = apart(one.art, other.art);
    double over = one.round + other.round - apart;
    // Art that lies on other art is laid on it when its carrier is off.
    if (one.face != other.face || apart <= TOUCH || over <= TOUCH) {
      return List.of();
    }
    return List.of(
        Sentence.of(
            "place.carriers",
            one.name,
            other.name,
            Millimetres.of(Math.ceil(over)),
            Millimetres.of(Math.floor(apart) / 2)));
  }

  /** Along the side on which they are farther apart: carriers are cut square. */
  private static double apart(Area one, Area other) {
    double across =
        Math.max(other.x() - one.x() - one.width(), one.x() - other.x() - other.width());
    double down =
        Math.max(other.y() - one.y() - one.height(), one.y() - other.y() - other.height());
    return Math.max(across, down);
  }
}
