package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.drawn.Segments;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * A stencil for stones: a hole for each, a little wider. Stones of several sizes are brushed in
 * from one stencil a size, the largest first, because a small one would fall into a large hole.
 *
 * @param clearance how much wider a hole is than its stone, mm, 0.1 to 2
 */
public record StoneStencil(List<Stone> stones, double clearance) {
  /** [engineering estimate] */
  public static final double USUAL_CLEARANCE = 0.4;

  /** A thinner wall between two holes tears as it is weeded, mm [engineering estimate]. */
  private static final double WALL = 0.2;

  /** Of the stencil round its holes, mm [engineering estimate]. */
  private static final double RIM = 15;

  public StoneStencil {
    stones = List.copyOf(stones);
    Bounds.check("the clearance", clearance, 0.1, 2, "mm");
  }

  /** The thinnest wall between two holes of one stencil, mm; a large number where it has one. */
  public double thinnestWall() {
    double thinnest = 1000;
    for (List<Stone> size : bySize().values()) {
      StoneNeighbours near = new StoneNeighbours(size);
      for (Stone stone : size) {
        thinnest = Math.min(thinnest, near.nearestGap(stone) - clearance);
      }
    }
    return thinnest;
  }

  public boolean tears() {
    return thinnestWall() < WALL;
  }

  private TreeMap<StoneSize, List<Stone>> bySize() {
    TreeMap<StoneSize, List<Stone>> sizes = new TreeMap<>(Comparator.reverseOrder());
    stones.forEach(stone -> sizes.computeIfAbsent(stone.size(), s -> new ArrayList<>()).add(stone));
    return sizes;
  }

  /** One for each size, all with the same crosses in their corners. */
  public List<DrawnPage> pages() {
    Envelope all = bounds(stones);
    all.expandBy(RIM);
    List<DrawnPage> pages = new ArrayList<>();
    bySize()
        .forEach(
            (size, of) -> {
              List<Coordinate> middles =
                  of.stream()
                      .map(s -> new Coordinate(s.x() - all.getMinX(), s.y() - all.getMinY()))
                      .toList();
              double hole = size.width().count() + clearance;
              List<Mark> marks = new ArrayList<>();
              marks.add(
                  new Mark.Lines(
                      LineRole.CUT, Grid.rectangle(0, 0, all.getWidth(), all.getHeight())));
              for (double x : new double[] {5, all.getWidth() - 5}) {
                for (double y : new double[] {5, all.getHeight() - 5}) {
                  marks.add(
                      new Segments()
                          .line(x - 2, y, x + 2, y)
                          .line(x, y - 2, x, y + 2)
                          .as(LineRole.MARK));
                }
              }
              marks.add(new Mark.Discs(LineRole.HOLE, "#000000", hole, middles));
              pages.add(
                  new DrawnPage(
                      Sentence.of("drawn.stencil", size, of.size(), Millimetres.of(hole)),
                      all.getWidth(),
                      all.getHeight(),
                      marks));
            });
    return pages;
  }

  /** Of all stones with their rims. */
  static Envelope bounds(List<Stone> stones) {
    Envelope all = new Envelope();
    for (Stone stone : stones) {
      Envelope one = new Envelope(stone.middle());
      one.expandBy(stone.radius());
      all.expandToInclude(one);
    }
    return all;
  }
}
