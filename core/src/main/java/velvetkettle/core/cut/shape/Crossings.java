package velvetkettle.core.cut.shape;

import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/**
 * Counts where edges cross before they are taken apart there: a star of a few thousand corners
 * crosses itself millions of times. One count may go through all paths of a drawing.
 */
public final class Crossings implements SegmentIntersector {
  private final LineIntersector lines = new RobustLineIntersector();

  /** What the look at a pair of edges and its share of the snapping cost. */
  private static final int PAIR = 3;

  private final int most;
  private final WorkBudget budget;
  private int count;

  /**
   * @param most how many are taken apart
   * @param budget pays for each pair of edges that is looked at
   */
  public Crossings(int most, WorkBudget budget) {
    this.most = most;
    this.budget = budget;
  }

  /** More than are taken apart. */
  public static final class TooManyException extends RuntimeException {
    private static final long serialVersionUID = 1;
  }

  void refuseTooMany() {
    if (isDone()) {
      throw new TooManyException();
    }
  }

  @Override
  public void processIntersections(SegmentString e0, int i0, SegmentString e1, int i1) {
    if (e0 == e1 && i0 == i1) {
      return;
    }
    budget.spend(PAIR);
    Coordinate a = e0.getCoordinate(i0);
    Coordinate b = e0.getCoordinate(i0 + 1);
    lines.computeIntersection(a, b, e1.getCoordinate(i1), e1.getCoordinate(i1 + 1));
    if (lines.hasIntersection() && lines.isInteriorIntersection()) {
      count++;
    }
  }

  @Override
  public boolean isDone() {
    return count > most;
  }
}
