package velvetkettle.core.cut.sum;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.Tiles;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.slit.InnerBoard;
import velvetkettle.core.cut.slit.SlitGrid;
import velvetkettle.core.cut.slit.SlitMeasures;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Slits over a panel: the grid, what shows, and what goes inside while it is cut. */
public final class SlitSum {
  /** To mark and cut one, and for each mm of it, s [engineering estimate]. */
  private static final double EACH = 4;

  private static final double PER_MM = 0.08;

  private SlitSum() {}

  /**
   * @param inside how wide the garment is there, lying flat, mm
   * @param gives how far its cloth stretches across the slits, %; 0 for cloth that does not
   * @param paper that the chalk template is printed on
   */
  public static Sum of(SlitMeasures measures, double inside, double gives, Paper paper) {
    SlitGrid grid = SlitGrid.of(measures);
    InnerBoard board = InnerBoard.of(measures, inside);
    DrawnPage page = grid.page(board);
    List<DrawnPage> pages = new ArrayList<>();
    pages.add(page);
    pages.add(grid.stretched());
    List<DrawnPage> chalk = Tiles.of(page, paper);
    pages.addAll(chalk);
    Sum.Said facts =
        new Sum.Said()
            .say("sum.slits.count", grid.slits().size(), Sum.tenths(measures.length()))
            .say("sum.slits.at-rest", Sum.percent(grid.shownAtRest()))
            .when(
                measures.stretch() > 0,
                "sum.slits.stretched",
                (int) Math.round(measures.stretch()),
                Sum.percent(grid.shownStretched()),
                Sum.tenths(grid.opening()))
            .say(
                "sum.slits.board",
                Sum.tenths(board.at().width()),
                Sum.tenths(board.at().height()),
                Sum.tenths(InnerBoard.THINNEST))
            .say("sum.slits.chalk", chalk.size());
    return new Sum(
        pages,
        facts.all(),
        cautions(grid, board, measures, gives),
        steps(measures),
        Seconds.of(grid.slits().size() * EACH + grid.cut() * PER_MM));
  }

  private static List<Sentence> cautions(
      SlitGrid grid, InnerBoard board, SlitMeasures measures, double gives) {
    return new Sum.Said()
        .when(grid.isTooNarrowToShow(), "sum.slits.too-narrow", Sum.tenths(grid.opening()))
        .when(
            grid.thinnest() < grid.bridgeNeeded(),
            "sum.slits.too-thin",
            Sum.tenths(grid.thinnest()),
            Sum.tenths(grid.bridgeNeeded()))
        .when(
            measures.stretch() > gives,
            "sum.slits.does-not-give",
            (int) Math.round(gives),
            (int) Math.round(measures.stretch()))
        .when(!board.fits(), "sum.slits.no-board", Sum.tenths(board.at().width()))
        .say("sum.slits.blade")
        .all();
  }

  private static List<Sentence> steps(SlitMeasures measures) {
    return new Sum.Said()
        .say("sum.slits.step.board")
        .say("sum.slits.step.chalk")
        .say("sum.slits.step.cut", Sum.tenths(measures.margin()))
        .say("sum.slits.step.try")
        .all();
  }
}
