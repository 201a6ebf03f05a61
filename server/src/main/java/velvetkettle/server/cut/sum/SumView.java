package velvetkettle.server.cut.sum;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/**
 * What a sum comes to, to be shown.
 *
 * @param pages at true size, mm
 * @param hands seconds of work by hand
 * @param kinds of stones; empty for other sums
 * @param cloth colour of what they lie on, as #rrggbb
 * @param fits what the ticket would say if it took the sum over; null where it says all of it
 *     already, or nothing of it
 */
public record SumView(
    SumForm form,
    List<PageView> pages,
    List<Sentence> facts,
    List<Sentence> cautions,
    List<Sentence> steps,
    double hands,
    List<KindView> kinds,
    String cloth,
    @Nullable Fits fits) {
  public record PageView(Sentence name, double width, double height, List<MarkView> marks) {}

  /**
   * A path, or discs.
   *
   * @param path null for discs
   * @param colour null for lines
   * @param middles x and y in turn; empty for a path
   */
  public record MarkView(
      LineRole role,
      @Nullable String path,
      @Nullable String colour,
      double diameter,
      List<Double> middles) {}

  /** Stones of one size and colour, for all pieces. */
  public record KindView(StoneSize size, String colour, int laid, int spare, Term contrast) {}

  /**
   * Measures of the thing on the ticket.
   *
   * @param stones 0 where it has none
   */
  public record Fits(
      double width,
      double height,
      int colours,
      int stones,
      @Nullable StoneSize stoneSize,
      List<StoneSize> smallerStones) {}
}
