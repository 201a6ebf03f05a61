package velvetkettle.core.cut.sum;

import java.util.List;
import velvetkettle.core.cut.strip.Corner;
import velvetkettle.core.cut.strip.RimStrips;
import velvetkettle.core.cut.strip.StripCuts;
import velvetkettle.core.cut.strip.StripMeasures;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Strips of web round a panel: lengths, cuts and closings. */
public final class StripSum {
  /** To cut one and lay it, s [engineering estimate]. */
  private static final double EACH = 25;

  /** To move the panel to the next closing, s [engineering estimate]. */
  private static final double MOVE = 15;

  /** A narrower rest is not kept, mm [engineering estimate]. */
  private static final double KEPT = 40;

  private StripSum() {}

  /**
   * @param panels that are all alike, 1 to 200
   * @param rollWidth of the web, mm
   * @param press that fuses it
   * @param seconds of one closing
   */
  public static Sum of(
      StripMeasures measures, int panels, double rollWidth, Press press, Seconds seconds) {
    RimStrips rim =
        RimStrips.of(measures, press.platenWidth().count(), press.platenDepth().count());
    StripCuts cuts =
        StripCuts.of(StripCuts.times(rim.lengths(), panels), measures.strip(), rollWidth);
    int closings = rim.closings().size() * panels;
    List<Double> lengths = rim.lengths();
    Sum.Said facts =
        new Sum.Said()
            .say(
                "sum.strips.lengths",
                Sum.tenths(measures.strip()),
                Sum.tenths(lengths.get(0)),
                Sum.tenths(lengths.get(2)))
            .say(
                "sum.strips.roll",
                Sum.tenths(rollWidth),
                Sum.tenths(cuts.length()),
                cuts.lanes().size())
            .say("sum.yield", Sum.percent(cuts.yield()))
            .when(
                cuts.rest() >= KEPT,
                "sum.strips.rest",
                Sum.tenths(cuts.rest()),
                Sum.tenths(cuts.length()))
            .when(
                measures.clearance() >= 0, "sum.strips.clearance", Sum.tenths(measures.clearance()))
            .say(
                rim.closings().size() == 1 ? "sum.strips.one-closing" : "sum.strips.closings",
                rim.closings().size(),
                press.name(),
                Seconds.of(closings * (seconds.count() + MOVE)));
    return new Sum(
        List.of(rim.page(), cuts.page()),
        facts.all(),
        cautions(measures),
        steps(measures, rim),
        Seconds.of(4 * panels * EACH));
  }

  private static List<Sentence> cautions(StripMeasures measures) {
    return new Sum.Said()
        .when(
            measures.clearance() < 0,
            "sum.strips.on-print",
            Sum.tenths(measures.strip()),
            Sum.tenths(measures.border()))
        .when(
            measures.clearance() >= 0 && measures.isTooWide(),
            "sum.strips.too-wide",
            Sum.tenths(measures.clearance()),
            Sum.tenths(Math.max(3, measures.border() - measures.tolerance())))
        .all();
  }

  private static List<Sentence> steps(StripMeasures measures, RimStrips rim) {
    return new Sum.Said()
        .say("sum.strips.step.cut")
        .say(measures.corner() == Corner.MITRE ? "sum.strips.step.mitre" : "sum.strips.step.butt")
        .say("sum.strips.step.lay")
        .when(rim.closings().size() > 1, "sum.strips.step.sides", Sum.tenths(20))
        .say("sum.strips.step.paper")
        .all();
  }
}
