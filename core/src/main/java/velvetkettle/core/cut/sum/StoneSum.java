package velvetkettle.core.cut.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import velvetkettle.core.colour.Contrast;
import velvetkettle.core.colour.Lab;
import velvetkettle.core.cut.stone.StoneCounts;
import velvetkettle.core.cut.stone.StoneLayer;
import velvetkettle.core.cut.stone.StoneLayout;
import velvetkettle.core.cut.stone.StoneStencil;
import velvetkettle.core.cut.stone.StoneTool;
import velvetkettle.core.cut.template.TemplatePage;
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
   */
  public record Asked(
      double gap,
      double loss,
      StoneTool tool,
      double clearance,
      double sheetWidth,
      double sheetHeight,
      Set<StoneSize> tips,
      String cloth) {}

  /**
   * @param layout what the picture shows
   * @param counts to have at hand
   */
  public record Laid(Sum sum, StoneLayout layout, StoneCounts counts) {}

  /**
   * @param pieces that it goes on
   */
  public static Laid of(List<StoneLayer> layers, Asked asked, int pieces) {
    StoneLayout layout = StoneLayout.of(layers, asked.gap());
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
    List<TemplatePage> pages = new ArrayList<>();
    Sum.Said cautions = new Sum.Said();
    Sum.Said steps = new Sum.Said();
    if (layout.stones().isEmpty()) {
      cautions.say("sum.stones.none");
    } else {
      pages.add(layout.page(false));
      tool(layout, asked, pieces, pages, facts, cautions, steps);
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

  private static void tool(
      StoneLayout layout,
      Asked asked,
      int pieces,
      List<TemplatePage> pages,
      Sum.Said facts,
      Sum.Said cautions,
      Sum.Said steps) {
    Set<StoneSize> sizes = new TreeSet<>();
    layout.stones().forEach(stone -> sizes.add(stone.size()));
    int sheets = layout.sheets(asked.sheetWidth(), asked.sheetHeight()) * pieces;
    switch (asked.tool()) {
      case STENCIL -> {
        StoneStencil stencil = new StoneStencil(layout.stones(), asked.clearance());
        pages.addAll(stencil.pages());
        pages.add(layout.page(true));
        facts.say("sum.stones.stencils", sizes.size(), Sum.tenths(asked.clearance()));
        facts.say("sum.stones.sheets", sheets);
        cautions.when(stencil.tears(), "sum.stones.tears", Sum.tenths(stencil.thinnestWall()));
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
