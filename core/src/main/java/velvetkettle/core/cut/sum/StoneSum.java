package velvetkettle.core.cut.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import velvetkettle.core.colour.Contrast;
import velvetkettle.core.colour.Lab;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.stone.Stone;
import velvetkettle.core.cut.stone.StoneCounts;
import velvetkettle.core.cut.stone.StoneLayer;
import velvetkettle.core.cut.stone.StoneLayout;
import velvetkettle.core.cut.stone.StoneRepeat;
import velvetkettle.core.cut.stone.StoneStencil;
import velvetkettle.core.cut.stone.StoneTool;
import velvetkettle.core.cut.stone.TrimmedPanel;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Seconds;

/** Stones: where they lie, how many, and what they are laid with. */
public final class StoneSum {
  private StoneSum() {}

  /**
   * How stones are laid.
   *
   * @param gap between any two, mm
   * @param loss share that does not transfer, 0 to 0.5
   * @param clearance of a stencil's holes, mm
   * @param sheetWidth of a carrier sheet, mm
   * @param sheetHeight of it, mm
   * @param tips sizes that the wand has a cup for; none where a flat tip does all
   * @param cloth colour of the cloth, as #rrggbb
   * @param repeat how the layout is used side by side
   */
  public record Asked(
      double gap,
      double loss,
      StoneTool tool,
      double clearance,
      double sheetWidth,
      double sheetHeight,
      Set<StoneSize> tips,
      String cloth,
      Repeat repeat) {}

  /**
   * A layout used several times side by side.
   *
   * @param uses 1 for once
   * @param distance between two, mm
   * @param turned whether each second one is turned over
   */
  public record Repeat(int uses, double distance, boolean turned) {
    public static final Repeat ONCE = new Repeat(1, 0, false);
  }

  /**
   * @param layout what the picture shows
   * @param counts to have at hand
   */
  public record Laid(Sum sum, StoneLayout layout, StoneCounts counts) {}

  /**
   * @param pieces that it goes on
   */
  public static Laid of(List<StoneLayer> layers, Asked asked, int pieces) {
    StoneLayout one = StoneLayout.of(layers, asked.gap());
    boolean once = asked.repeat().uses() == 1 || one.stones().isEmpty();
    StoneRepeat repeat = once ? null : repeat(one, asked);
    StoneLayout layout = repeat == null ? one : whole(repeat, one.dropped());
    StoneCounts counts = StoneCounts.of(layout.stones(), pieces, asked.loss());
    Sum.Said facts =
        new Sum.Said()
            .say(
                "sum.stones.laid",
                layout.stones().size(),
                Sum.tenths(layout.width()),
                Sum.tenths(layout.height()))
            .when(
                counts.laid() > 0,
                "sum.stones.needed",
                counts.needed(),
                counts.needed() - counts.laid(),
                Sum.percent(asked.loss()));
    List<DrawnPage> pages = new ArrayList<>();
    Sum.Said cautions = new Sum.Said();
    Sum.Said steps = new Sum.Said();
    if (layout.stones().isEmpty()) {
      cautions.say("sum.stones.none");
    } else {
      pages.add(layout.page(false));
      if (repeat != null) {
        repeated(repeat, asked, pages, facts, cautions, steps);
      }
      tool(one, layout, asked, pieces, pages, facts, cautions, steps);
      contrast(counts, asked, cautions);
    }
    cautions.when(layout.dropped() > 0, "sum.stones.dropped", layout.dropped());
    double seconds = counts.laid() * asked.tool().perStone().count();
    facts.say("sum.stones.time", Seconds.of(Math.min(seconds, 360_000)));
    return new Laid(
        new Sum(
            pages,
            facts.all(),
            cautions.all(),
            steps.all(),
            Seconds.of(Math.min(seconds, 360_000))),
        layout,
        counts);
  }

  private static StoneRepeat repeat(StoneLayout one, Asked asked) {
    Repeat how = asked.repeat();
    return StoneRepeat.of(one.stones(), how.uses(), how.distance(), how.turned(), asked.gap());
  }

  private static StoneLayout whole(StoneRepeat repeat, int dropped) {
    List<Stone> all = new ArrayList<>(repeat.stones());
    all.addAll(repeat.byHand());
    return new StoneLayout(all, dropped);
  }

  /** What a stencil that is turned over asks for besides: cloth, a line to trim, stones by hand. */
  private static void repeated(
      StoneRepeat repeat,
      Asked asked,
      List<DrawnPage> pages,
      Sum.Said facts,
      Sum.Said cautions,
      Sum.Said steps) {
    TrimmedPanel panel = TrimmedPanel.of(repeat);
    pages.add(panel.page());
    facts
        .say("sum.stones.uses", repeat.uses())
        .say("sum.stones.doubled", Sum.tenths(panel.width()), Sum.tenths(panel.doubled()))
        .when(!repeat.byHand().isEmpty(), "sum.stones.by-hand", repeat.byHand().size());
    cautions.when(repeat.dropped() > 0, "sum.stones.covered-up", repeat.dropped());
    steps
        .say("sum.stones.step.doubled")
        .when(asked.repeat().turned(), "sum.stones.step.turn")
        .when(repeat.dropped() > 0, "sum.stones.step.cover-up")
        .when(!repeat.byHand().isEmpty(), "sum.stones.step.fill")
        .say("sum.stones.step.trim");
  }

  private static void tool(
      StoneLayout one,
      StoneLayout layout,
      Asked asked,
      int pieces,
      List<DrawnPage> pages,
      Sum.Said facts,
      Sum.Said cautions,
      Sum.Said steps) {
    Set<StoneSize> sizes = new TreeSet<>();
    layout.stones().forEach(stone -> sizes.add(stone.size()));
    int sheets = layout.sheets(asked.sheetWidth(), asked.sheetHeight()) * pieces;
    switch (asked.tool()) {
      case STENCIL -> {
        StoneStencil stencil = new StoneStencil(one.stones(), asked.clearance());
        pages.addAll(stencil.pages());
        pages.add(layout.page(true));
        facts.say("sum.stones.stencils", sizes.size(), Sum.tenths(asked.clearance()));
        facts.say("sum.stones.sheets", sheets);
        double wall = stencil.thinnestWall();
        cautions
            .when(stencil.tears() && wall > 0, "sum.stones.tears", Sum.tenths(wall))
            .when(wall <= 0, "sum.stones.run-together");
        steps
            .say("sum.stones.step.test")
            .say("sum.stones.step.stencil")
            .when(sizes.size() > 1, "sum.stones.step.large-first")
            .say("sum.stones.step.film");
      }
      case SHEET -> {
        pages.add(layout.page(true));
        facts.say("sum.stones.sheets", sheets);
        steps.say("sum.stones.step.face-down").say("sum.stones.step.film");
      }
      case WAND -> {
        Set<StoneSize> without = new TreeSet<>(sizes);
        without.removeAll(asked.tips());
        boolean flat = asked.tips().isEmpty();
        facts.when(flat, "sum.stones.flat-tip");
        facts.when(!flat && without.isEmpty(), "sum.stones.tips-fit");
        for (StoneSize size : flat ? Set.<StoneSize>of() : without) {
          cautions.say("sum.stones.no-tip", size);
        }
        steps
            .say("sum.stones.step.mark")
            .when(sizes.size() > 1, "sum.stones.step.by-size")
            .say("sum.stones.step.wand");
      }
    }
  }

  private static void contrast(StoneCounts counts, Asked asked, Sum.Said cautions) {
    Lab cloth = Lab.of(asked.cloth());
    Set<Contrast> seen =
        counts.kinds().stream()
            .map(kind -> Contrast.of(Lab.of(kind.colour()), cloth))
            .collect(Collectors.toSet());
    cautions
        .when(seen.contains(Contrast.LOST), "sum.stones.lost")
        .when(seen.contains(Contrast.BY_COLOUR), "sum.stones.by-colour");
  }
}
