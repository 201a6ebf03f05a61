package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.Noder;
import org.locationtech.jts.noding.SegmentString;

/** Snap rounding for the overlays of the library. */
final class GridNoder implements Noder {
  private final Crossings crossings;
  private final WorkBudget budget;
  private final List<SegmentString> noded = new ArrayList<>();

  GridNoder(Crossings crossings, WorkBudget budget) {
    this.crossings = crossings;
    this.budget = budget;
  }

  /**
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  @Override
  public void computeNodes(Collection strings) {
    List<Coordinate[]> lines = new ArrayList<>();
    List<Object> data = new ArrayList<>();
    for (Object string : strings) {
      lines.add(((SegmentString) string).getCoordinates());
      data.add(((SegmentString) string).getData());
    }
    SnapRounding.Noded all = SnapRounding.of(lines, crossings, budget);
    for (SnapRounding.Part part : all.parts()) {
      noded.add(new BasicSegmentString(all.corners(part), data.get(part.line())));
    }
  }

  @Override
  public Collection<?> getNodedSubstrings() {
    return noded;
  }
}
