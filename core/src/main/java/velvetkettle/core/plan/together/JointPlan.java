package velvetkettle.core.plan.together;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How all that goes on a garment goes on it together.
 *
 * @param sequence what is pressed, in its order; empty where there is a clash
 * @param clash two decorations that do not go on one garment; null where all do
 * @param alternatives other media that go with the rest
 * @param placed where things lie under their platens; empty in plans of older schemas
 */
public record JointPlan(
    List<SequenceEntry> sequence,
    @Nullable Clash clash,
    List<Alternative> alternatives,
    List<PlacedDecoration> placed) {
  public JointPlan {
    sequence = List.copyOf(sequence);
    alternatives = List.copyOf(alternatives);
    placed = List.copyOf(placed);
  }
}
