package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Offset;
import velvetkettle.core.quantity.Sentence;

/**
 * The cloth under a row of stones that is trimmed to them at the end.
 *
 * @param trim where it is cut off
 */
public record TrimmedPanel(StoneRepeat repeat, MultiPolygon trim, Envelope cloth) {
  /** What stays round a stone, mm [engineering estimate]. */
  private static final double ROUND = 3;

  /** What is bridged from stone to stone, so that the line runs smoothly, mm. */
  private static final double BRIDGED = 6;

  /** What is cut off at each side, mm [engineering estimate]. */
  private static final double ALLOWANCE = 15;

  public static TrimmedPanel of(StoneRepeat repeat) {
    List<Stone> all = new ArrayList<>(repeat.stones());
    all.addAll(repeat.byHand());
    List<MultiPolygon> dots = new ArrayList<>();
    for (Stone stone : all) {
      dots.add(Grid.of(List.of(Grid.rectangle(stone.x() - 0.1, stone.y() - 0.1, 0.2, 0.2))));
    }
    double largest = all.stream().mapToDouble(Stone::radius).max().orElse(0);
    MultiPolygon near = Offset.of(Grid.union(dots), largest + BRIDGED);
    MultiPolygon trim = Offset.of(near, ROUND - BRIDGED);
    Envelope cloth = trim.getEnvelopeInternal();
    cloth.expandBy(ALLOWANCE);
    return new TrimmedPanel(repeat, trim, cloth);
  }

  public double width() {
    return cloth.getWidth();
  }

  /** How high the cloth is cut, mm: it is folded in two. */
  public double doubled() {
    return 2 * cloth.getHeight();
  }

  public DrawnPage page() {
    AffineTransformation move =
        AffineTransformation.translationInstance(-cloth.getMinX(), -cloth.getMinY());
    List<Mark> marks = new ArrayList<>();
    marks.add(
        new Mark.Lines(LineRole.EDGE, Grid.rectangle(0, 0, cloth.getWidth(), cloth.getHeight())));
    marks.add(new Mark.Lines(LineRole.TRIM, move.transform(trim)));
    discs(repeat.stones(), LineRole.STONE, marks);
    discs(repeat.byHand(), LineRole.BY_HAND, marks);
    return new DrawnPage(
        Sentence.of("drawn.trimmed", repeat.stones().size() + repeat.byHand().size()),
        cloth.getWidth(),
        cloth.getHeight(),
        marks);
  }

  private void discs(List<Stone> stones, LineRole role, List<Mark> marks) {
    stones.stream()
        .map(stone -> stone.size())
        .distinct()
        .forEach(
            size -> {
              for (String colour :
                  stones.stream().map(Stone::colour).distinct().sorted().toList()) {
                List<Coordinate> middles =
                    stones.stream()
                        .filter(s -> s.size() == size && s.colour().equals(colour))
                        .map(s -> new Coordinate(s.x() - cloth.getMinX(), s.y() - cloth.getMinY()))
                        .toList();
                if (!middles.isEmpty()) {
                  marks.add(new Mark.Discs(role, colour, size.width().count(), middles));
                }
              }
            });
  }
}
