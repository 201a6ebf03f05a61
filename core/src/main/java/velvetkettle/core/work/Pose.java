package velvetkettle.core.work;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;

/**
 * How a garment lies.
 *
 * @param tool whose lower platen it lies on; null while it lies beside
 * @param face that is worked on
 * @param open what is open all the way; null where nothing is
 * @param tended obstacles that were dealt with: emptied, drawn flat, hung off
 */
public record Pose(
    @Nullable String tool,
    Way way,
    GarmentFace face,
    @Nullable Obstacle open,
    Set<Obstacle> tended) {
  static final Pose BESIDE = new Pose(null, Way.BESIDE, GarmentFace.FRONT, null, Set.of());

  /** What of it lies between the platens. */
  public enum Way {
    /** Nothing: it lies beside the press. */
    BESIDE,
    /** All its layers, right side out. */
    FLAT,
    /** The cloth of one face, right side out. */
    ONE_LAYER,
    /** The cloth of one face, its inside towards the heat. */
    INSIDE_OUT
  }

  public Pose {
    tended = Set.copyOf(tended);
  }

  /** Whether the face that is worked on looks at the hot platen. */
  boolean faceUp() {
    return way == Way.FLAT || way == Way.ONE_LAYER;
  }

  /** A pocket stays empty; what hangs off has to hang anew. */
  Pose lying(@Nullable String on, Way now, GarmentFace up) {
    boolean empty = tended.contains(Obstacle.POCKET);
    return new Pose(on, now, up, open, empty ? Set.of(Obstacle.POCKET) : Set.of());
  }

  Pose tending(Obstacle what) {
    Set<Obstacle> more = EnumSet.of(what);
    more.addAll(tended);
    return new Pose(tool, way, face, open, more);
  }

  Pose opened(@Nullable Obstacle now) {
    return new Pose(tool, way, face, now, tended);
  }
}
