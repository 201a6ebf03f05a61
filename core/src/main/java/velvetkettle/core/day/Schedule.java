package velvetkettle.core.day;

import java.util.List;

/**
 * In which order hands go to the pieces.
 *
 * @param placements in that order
 * @param seconds from now until the last piece is finished
 * @param oneByOne the same, one piece after the other
 * @param shortest whether none is shorter; else none was found in the time that one may take
 */
public record Schedule(List<Placement> placements, int seconds, int oneByOne, boolean shortest) {
  public Schedule {
    placements = List.copyOf(placements);
  }

  /** What it saves, s. */
  public int saved() {
    return oneByOne - seconds;
  }
}
