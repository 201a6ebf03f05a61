package velvetkettle.core.cut.shape;

import java.util.Collection;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.Noder;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;

/**
 * Snap rounding that first counts, from the same pairs of edges, what it is about to do: it cannot
 * be ended once it has begun.
 */
final class CountedNoder implements Noder {
  /**
   * Steps of the snapping for V corners: V to the power of three halves, where most lie on two
   * lines and the index of corners sorts worst; timed.
   */
  private static final double SNAP = 1.5;

  private final Crossings crossings;
  private final WorkBudget budget;
  private final SnapRoundingNoder noder = new SnapRoundingNoder(Grid.PRECISION);

  CountedNoder(Crossings crossings, WorkBudget budget) {
    this.crossings = crossings;
    this.budget = budget;
  }

  /**
   * @throws Crossings.TooManyException where the edges cross more often than is taken apart
   * @throws WorkBudget.SpentException where the budget does not reach
   */
  @Override
  public void computeNodes(Collection strings) {
    new MCIndexNoder(crossings).computeNodes(strings);
    crossings.refuseTooMany();
    double corners = 0;
    for (Object string : strings) {
      corners += ((SegmentString) string).size();
    }
    budget.spend((long) (SNAP * corners * Math.sqrt(corners)));
    noder.computeNodes(strings);
  }

  @Override
  public Collection<?> getNodedSubstrings() {
    return noder.getNodedSubstrings();
  }
}
