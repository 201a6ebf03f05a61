package velvetkettle.core.heat.conduction;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;

/**
 * A stretch of time in which nothing is moved: the press closed over a stack, or the stack lying
 * open.
 *
 * @param parts from the heated side down, at least one
 * @param pressureKpa 0 to 2000; a tip on a stone presses hardest
 * @param contactFactor times the usual contact of the layers with each other, 0.05 to 20
 * @param closed whether vapour is held under the platen
 * @param roomCelsius -10 to 60
 * @param relativeHumidity of the room, 0.01 to 0.98
 * @param seconds 0 to 36 000
 * @param bond what is being bonded; null where nothing is
 */
public record Phase(
    List<Part> parts,
    Boundary top,
    Boundary bottom,
    double pressureKpa,
    double contactFactor,
    boolean closed,
    double roomCelsius,
    double relativeHumidity,
    double seconds,
    @Nullable GlueLine bond) {
  public Phase {
    parts = List.copyOf(parts);
    Bounds.check("layers", parts.size(), 1, 60, "");
    Bounds.check("pressure", pressureKpa, 0, 2000, "kPa");
    Bounds.check("contact factor", contactFactor, 0.05, 20, "");
    Bounds.check("room", roomCelsius, -10, 60, "°C");
    Bounds.check("humidity", relativeHumidity, 0.01, 0.98, "");
    Bounds.check("time", seconds, 0, 36_000, "s");
    if (bond != null && (bond.below() < 0 || bond.below() >= parts.size() - 1)) {
      throw new IllegalArgumentException("the glue line lies between two layers: " + bond.below());
    }
  }

  /** The same while its iron is away: nothing presses, and vapour is held no more. */
  Phase lifted() {
    return new Phase(
        parts,
        top,
        bottom,
        PhaseInput.LOOSE,
        contactFactor,
        false,
        roomCelsius,
        relativeHumidity,
        seconds,
        bond);
  }
}
