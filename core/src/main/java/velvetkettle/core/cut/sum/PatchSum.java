package velvetkettle.core.cut.sum;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.lay.StockUse;
import velvetkettle.core.cut.patch.PatchLines;
import velvetkettle.core.cut.patch.PatchMeasures;
import velvetkettle.core.cut.patch.PatchSet;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Patches: their lines, and what they take of web and cover cloth. */
public final class PatchSum {
  /** To lay, trim and turn one, s; sewing is the machine's [engineering estimate]. */
  private static final double HANDS = 240;

  /** Glue that ends farther inside lets the edge lift, mm [engineering estimate]. */
  private static final double LIFTS = 4;

  private PatchSum() {}

  /**
   * @param kerf between two pieces, mm
   * @param grain whether the grain of the cover cloth has to run alike in all of them
   * @param stocks of web and of cover cloth, by {@link PatchSet#WEB} and {@link PatchSet#COVER}
   */
  public static Sum of(
      MultiPolygon outline,
      PatchMeasures measures,
      int copies,
      double kerf,
      boolean grain,
      List<Stock> stocks,
      LayRules mat,
      Progress progress) {
    PatchLines lines = PatchLines.of(outline, measures);
    PatchSet set = PatchSet.lay(lines, copies, kerf, grain, stocks, mat, progress);
    List<DrawnPage> pages = new ArrayList<>();
    pages.add(lines.page(measures));
    pages.addAll(set.pages());
    Sum.Said facts =
        new Sum.Said()
            .say(
                "sum.patches.size",
                Sum.tenths(lines.edge().getEnvelopeInternal().getWidth()),
                Sum.tenths(lines.edge().getEnvelopeInternal().getHeight()),
                copies);
    laid("web", set.web(), copies, facts);
    laid("cover", set.cover(), copies, facts);
    facts
        .say(
            "sum.patches.stabiliser",
            Sum.tenths(lines.stabiliser().width()),
            Sum.tenths(lines.stabiliser().height()))
        .say("sum.patches.no-web", Sum.percent(lines.withoutWeb()));
    return new Sum(
        pages,
        facts.all(),
        cautions(lines, set, measures),
        steps(measures),
        Seconds.of(copies * HANDS));
  }

  private static void laid(String what, Layout layout, int copies, Sum.Said facts) {
    int laid = copies - layout.left().size();
    facts.say("sum.patches." + what, laid, layout.uses().size(), Sum.percent(layout.yield()));
    for (StockUse use : layout.uses()) {
      for (Rectangle kept : use.kept()) {
        facts.say(
            "sum.patches." + what + "-kept", Sum.tenths(kept.width()), Sum.tenths(kept.height()));
      }
    }
  }

  private static List<Sentence> cautions(PatchLines lines, PatchSet set, PatchMeasures measures) {
    return new Sum.Said()
        .when(!set.web().left().isEmpty(), "sum.patches.web-short", set.web().left().size())
        .when(!set.cover().left().isEmpty(), "sum.patches.cover-short", set.cover().left().size())
        .when(lines.isWebApart(), "sum.patches.web-apart")
        .when(lines.isCoverApart(), "sum.patches.border-meets")
        .when(
            lines.farthestFromWeb() > LIFTS,
            "sum.patches.lifts",
            Sum.tenths(lines.farthestFromWeb()))
        .when(measures.web() == 0, "sum.patches.glue-shows")
        .when(
            measures.satin() > 0 && measures.cover() < 5,
            "sum.patches.narrow-cover",
            Sum.tenths(measures.cover()))
        .all();
  }

  private static List<Sentence> steps(PatchMeasures measures) {
    boolean sewn = measures.satin() > 0;
    return new Sum.Said()
        .say("sum.patches.step.placement")
        .say("sum.patches.step.cover")
        .say("sum.patches.step.tack")
        .when(sewn, "sum.patches.step.trim")
        .when(sewn, "sum.patches.step.satin", Sum.tenths(measures.satin()))
        .when(!sewn, "sum.patches.step.cut")
        .say("sum.patches.step.stabiliser")
        .say("sum.patches.step.web")
        .all();
  }
}
