package velvetkettle.core.cut.sum;

import java.awt.Shape;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.label.Fold;
import velvetkettle.core.cut.label.Label;
import velvetkettle.core.cut.label.LabelMeasures;
import velvetkettle.core.cut.label.LabelPages;
import velvetkettle.core.cut.label.LabelStock;
import velvetkettle.core.cut.label.LabelStrip;
import velvetkettle.core.cut.label.LabelStrips;
import velvetkettle.core.cut.label.StripClosings;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Labels: how many a strip, a tape and a closing hold, and the strips themselves. */
public final class LabelSum {
  /** Lower letters are hard to read and to print, mm [engineering estimate]. */
  private static final double READABLE = 2.5;

  /** To cut one off, and for each fold of it, s [engineering estimate]. */
  private static final double CUT = 4;

  private static final double FOLD = 6;

  private LabelSum() {}

  /**
   * @param mirrored whether the print has to lie face down; null where no method is taken yet
   * @param outline of words, y down, their line at 0
   * @param full the height of a letter of full height in the units of the outline
   */
  public static Sum of(
      List<Label> labels,
      LabelMeasures measures,
      LabelStock stock,
      @Nullable Boolean mirrored,
      Press press,
      Function<String, Shape> outline,
      double full) {
    boolean over = Boolean.TRUE.equals(mirrored);
    LabelStrips strips = LabelStrips.lay(labels, measures, stock);
    LabelPages.Drawn drawn = LabelPages.of(strips, measures, stock, over, outline, full);
    int laid = labels.size() - strips.left().size();
    StripClosings closings =
        StripClosings.of(
            strips.strips(),
            measures.tape(),
            Math.max(press.platenWidth().count(), press.platenDepth().count()),
            Math.min(press.platenWidth().count(), press.platenDepth().count()));
    Sum.Said facts =
        new Sum.Said()
            .say("sum.labels.laid", laid, strips.strips().size(), strips.perStrip())
            .say(
                switch (measures.fold()) {
                  case FLAT -> "sum.labels.each.flat";
                  case END -> "sum.labels.each.end";
                  case CENTRE -> "sum.labels.each.centre";
                },
                Sum.tenths(measures.cut()),
                Sum.tenths(measures.seen()))
            .when(
                laid > 0, "sum.labels.closings", closings.side(), press.name(), closings.closings())
            .when(laid > 0, "sum.labels.letters", Sum.tenths(drawn.letters()));
    if (stock instanceof LabelStock.Tapes tapes) {
      byTape(strips, tapes, facts);
    } else {
      facts.say("sum.labels.pages", strips.pages(), strips.stripsPerPage());
    }
    facts.say("sum.yield", Sum.percent(strips.yield())).when(over, "sum.labels.mirrored");
    return new Sum(
        drawn.pages(),
        facts.all(),
        cautions(strips, drawn, measures, mirrored == null),
        steps(measures, stock),
        Seconds.of(laid * (CUT + FOLD * folds(measures.fold()))));
  }

  private static int folds(Fold fold) {
    return switch (fold) {
      case FLAT -> 0;
      case END -> 2;
      case CENTRE -> 1;
    };
  }

  private static void byTape(LabelStrips strips, LabelStock.Tapes tapes, Sum.Said facts) {
    Map<Integer, Integer> used = new TreeMap<>();
    for (LabelStrip strip : strips.strips()) {
      used.merge(strip.from(), 1, Integer::sum);
    }
    used.forEach(
        (tape, count) ->
            facts.say(
                "sum.labels.tape",
                Sum.tenths(tapes.lengths().get(tape)),
                count,
                Sum.tenths(strips.rest().get(tape))));
  }

  private static List<Sentence> cautions(
      LabelStrips strips, LabelPages.Drawn drawn, LabelMeasures measures, boolean undecided) {
    Sum.Said said = new Sum.Said();
    if (strips.perStrip() == 0) {
      return said.say("sum.labels.too-long", Sum.tenths(measures.cut())).all();
    }
    boolean any = !strips.left().isEmpty();
    said.when(
        any, "sum.labels.left", strips.left().size(), any ? strips.left().get(0).words() : "");
    boolean small = drawn.letters() > 0 && drawn.letters() < READABLE;
    return said.when(undecided, "sum.labels.undecided")
        .when(small, "sum.labels.small", Sum.tenths(drawn.letters()), longest(strips))
        .when(
            measures.fold() != Fold.FLAT && measures.allowance() < 5,
            "sum.labels.fold",
            Sum.tenths(measures.allowance()))
        .all();
  }

  private static String longest(LabelStrips strips) {
    String longest = "";
    for (LabelStrip strip : strips.strips()) {
      for (Label label : strip.labels()) {
        longest = label.words().length() > longest.length() ? label.words() : longest;
      }
    }
    return longest;
  }

  private static List<Sentence> steps(LabelMeasures measures, LabelStock stock) {
    Sum.Said steps = new Sum.Said();
    if (stock instanceof LabelStock.Tapes) {
      steps.say("sum.labels.step.strips");
    }
    return steps
        .say("sum.labels.step.print")
        .say("sum.labels.step.press")
        .say("sum.labels.step.cut")
        .when(measures.fold() == Fold.END, "sum.labels.step.end", Sum.tenths(measures.allowance()))
        .when(measures.fold() == Fold.CENTRE, "sum.labels.step.centre")
        .all();
  }
}
