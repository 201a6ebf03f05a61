package velvetkettle.core.cut.stone;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * All stones of a piece of art. Where two layers come too near each other, the stones of the first
 * one stay.
 *
 * @param dropped how many found no room beside those of another layer
 */
public record StoneLayout(List<Stone> stones, int dropped) {
  /** Left free round a drawing, mm. */
  private static final double FREE = 5;

  public StoneLayout {
    stones = List.copyOf(stones);
  }

  /**
   * @param gap between any two, mm, 0.05 to 20
   */
  public static StoneLayout of(List<StoneLayer> layers, double gap) {
    Bounds.check("the gap between stones", gap, 0.05, 20, "mm");
    StoneTable table = new StoneTable(gap);
    int dropped = 0;
    for (StoneLayer layer : layers) {
      dropped += table.layAll(layer.lay(gap));
    }
    return new StoneLayout(table.stones(), dropped);
  }

  /** mm from the leftmost rim to the rightmost; 0 where there are none. */
  public double width() {
    return stones.isEmpty() ? 0 : StoneStencil.bounds(stones).getWidth();
  }

  public double height() {
    return stones.isEmpty() ? 0 : StoneStencil.bounds(stones).getHeight();
  }

  /**
   * The stones in their colours, as they are seen on the garment.
   *
   * @param mirrored as they lie on a carrier sheet, face down
   */
  public DrawnPage page(boolean mirrored) {
    Envelope all = StoneStencil.bounds(stones);
    all.expandBy(FREE);
    Map<String, List<Stone>> kinds =
        stones.stream()
            .collect(
                Collectors.groupingBy(
                    stone -> stone.size().ordinal() + stone.colour(),
                    TreeMap::new,
                    Collectors.toList()));
    List<Mark> marks =
        kinds.values().stream()
            .<Mark>map(
                of ->
                    new Mark.Discs(
                        LineRole.STONE,
                        of.get(0).colour(),
                        of.get(0).size().width().count(),
                        of.stream().map(stone -> at(stone, all, mirrored)).toList()))
            .toList();
    Sentence name =
        Sentence.of(
            mirrored ? "drawn.stone-sheet" : "drawn.stones",
            stones.size(),
            Millimetres.of(width()),
            Millimetres.of(height()));
    return new DrawnPage(name, all.getWidth(), all.getHeight(), marks);
  }

  private static Coordinate at(Stone stone, Envelope all, boolean mirrored) {
    double x = stone.x() - all.getMinX();
    return new Coordinate(mirrored ? all.getWidth() - x : x, stone.y() - all.getMinY());
  }

  /**
   * Carrier sheets for one piece of art, cut so that no stone is halved.
   *
   * @param width of a sheet, mm
   * @param height of it, mm
   */
  public int sheets(double width, double height) {
    if (stones.isEmpty()) {
      return 0;
    }
    int upright = over(width(), width) * over(height(), height);
    int turned = over(width(), height) * over(height(), width);
    return Math.min(upright, turned);
  }

  private static int over(double length, double sheet) {
    return (int) Math.ceil(length / sheet - 1e-9);
  }
}
