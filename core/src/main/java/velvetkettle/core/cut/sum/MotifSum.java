package velvetkettle.core.cut.sum;

import java.util.List;
import velvetkettle.core.cut.motif.Figure;
import velvetkettle.core.cut.motif.MotifLine;
import velvetkettle.core.cut.motif.MotifPage;
import velvetkettle.core.cut.motif.MotifRow;
import velvetkettle.core.cut.motif.Part;
import velvetkettle.core.quantity.Seconds;

/** Motifs from a bought sheet along a neckline or hem. */
public final class MotifSum {
  /** To cut one out and lay it, s [engineering estimate]. */
  private static final double EACH = 30;

  private MotifSum() {}

  /**
   * @param count how many are laid; 0 for as many as fit
   * @param gap between two, mm
   * @param alternate whether each second one is laid the other way round
   * @param pieces that it goes on
   */
  public static Sum of(
      MotifLine line,
      Figure figure,
      Part part,
      int count,
      double gap,
      boolean alternate,
      int pieces) {
    MotifRow row = MotifRow.along(line, figure, part, count, gap, alternate);
    int figures = row.figures() * pieces;
    int sheets = (figures + figure.onSheet() - 1) / figure.onSheet();
    int left = sheets * figure.onSheet() - figures;
    Sum.Said facts =
        new Sum.Said()
            .say("sum.motifs.laid", row.placed().size(), part, figure.name())
            .say("sum.motifs.line", Sum.tenths(line.line().getLength()))
            .say("sum.motifs.sheets", figures, sheets, pieces)
            .when(left > 0, "sum.motifs.left", left, figure.name())
            .when(row.partsLeft() > 0, "sum.motifs.parts-left", row.partsLeft() * pieces);
    Sum.Said cautions =
        new Sum.Said()
            .when(alternate && part == Part.WHOLE, "sum.motifs.both-ways")
            .when(part.height(figure.height()) > line.radius() / 3, "sum.motifs.fans-out");
    Sum.Said steps =
        new Sum.Said()
            .say("sum.motifs.step.cut")
            .when(part != Part.WHOLE, "sum.motifs.step.part")
            .say("sum.motifs.step.ends")
            .say("sum.motifs.step.press");
    return new Sum(
        List.of(MotifPage.of(line, row)),
        facts.all(),
        cautions.all(),
        steps.all(),
        Seconds.of(row.placed().size() * pieces * EACH));
  }
}
