package velvetkettle.core.cut.shape;

import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.noding.NodingIntersectionFinder;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/** Looks for the first place where rings cross or touch, and pays for each pair of edges. */
final class Meeting implements SegmentIntersector {
  private final NodingIntersectionFinder finder =
      new NodingIntersectionFinder(new RobustLineIntersector());
  private final WorkBudget budget;

  Meeting(WorkBudget budget) {
    this.budget = budget;
  }

  @Override
  public void processIntersections(SegmentString e0, int i0, SegmentString e1, int i1) {
    budget.spend(1);
    finder.processIntersections(e0, i0, e1, i1);
  }

  /** Whether they do. */
  @Override
  public boolean isDone() {
    return finder.isDone();
  }
}
