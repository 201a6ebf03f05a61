package velvetkettle.core.heat.conduction;

import velvetkettle.core.quantity.Bounds;

/**
 * What a piece that lies open sees above it besides the room.
 *
 * @param celsius of a hot platen, -40 to 400
 * @param view how much of what it sees is that, 0 to 1
 */
public record Overhead(double celsius, double view) {
  public static final Overhead NOTHING = new Overhead(20, 0);

  public Overhead {
    Bounds.check("platen above", celsius, -40, 400, "°C");
    Bounds.check("view", view, 0, 1, "");
  }

  Boundary over(Air air) {
    return new Boundary.Open(air, celsius, view);
  }
}
