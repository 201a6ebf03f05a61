package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.quantity.Sentence;

/**
 * Art on a garment under a platen.
 *
 * @param face that is turned up
 * @param art where it lies, mm
 * @param behind where it lies below the other face, once the garment is turned over
 * @param positions of the platen, numbered from 1 in this order; none where nothing is pressed
 * @param proven whether fewer positions are impossible
 * @param about what is minded, where something is; null where nothing is in the way, and in older
 *     plans
 * @param opened the zip or buttons on the other face that are opened all the way, so that only the
 *     cloth of this face lies on the platen; null where nothing opens so
 * @param met obstacles that lie under the platen at those positions
 * @param insert the pad inside the garment; null where there is none
 * @param advice what to do about it, the most important first
 */
public record Placing(
    GarmentFace face,
    Area art,
    Area behind,
    List<Area> positions,
    boolean proven,
    PlatenApproach way,
    @Nullable Obstacle about,
    @Nullable Obstacle opened,
    Set<Obstacle> met,
    @Nullable Area insert,
    List<Sentence> advice) {
  public Placing {
    positions = List.copyOf(positions);
    met = Set.copyOf(met);
    advice = List.copyOf(advice);
  }

  /** Whether its positions reach all of an area of its face. */
  public boolean reaches(Area all) {
    return Area.cover(positions, all);
  }

  /** Whether only the cloth of its face lies between the platens. */
  public boolean oneLayer() {
    return way == PlatenApproach.ONE_LAYER || opened != null;
  }

  /** The same with one more thing to mind. */
  public Placing and(Sentence more) {
    List<Sentence> all = new ArrayList<>(advice);
    all.add(more);
    return new Placing(face, art, behind, positions, proven, way, about, opened, met, insert, all);
  }
}
