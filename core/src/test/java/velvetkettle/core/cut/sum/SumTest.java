package velvetkettle.core.cut.sum;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.label.Fold;
import velvetkettle.core.cut.label.Label;
import velvetkettle.core.cut.label.LabelMeasures;
import velvetkettle.core.cut.label.LabelStock;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.motif.Figure;
import velvetkettle.core.cut.motif.MotifLine;
import velvetkettle.core.cut.motif.Part;
import velvetkettle.core.cut.patch.PatchMeasures;
import velvetkettle.core.cut.patch.PatchSet;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.cut.slit.SlitMeasures;
import velvetkettle.core.cut.stone.Grading;
import velvetkettle.core.cut.stone.Pattern;
import velvetkettle.core.cut.stone.StoneLayer;
import velvetkettle.core.cut.stone.StoneTool;
import velvetkettle.core.cut.strip.Corner;
import velvetkettle.core.cut.strip.StripMeasures;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** What each sum warns of, and that it is silent where all is well. */
class SumTest {
  private static final Press PRESS = Press.usual("Quay press", PressKind.PLATE_SWING);

  private static List<String> cautions(Sum sum) {
    return sum.cautions().stream().map(Sentence::key).toList();
  }

  private static Sum labels(LabelMeasures measures, double tape, String words) {
    Function<String, Shape> block = w -> new Rectangle2D.Double(0, -10, 7 * w.length(), 10);
    return LabelSum.of(
        Collections.nCopies(10, new Label(words)),
        measures,
        new LabelStock.Tapes(List.of(tape), 300),
        false,
        PRESS,
        block,
        10);
  }

  @Test
  void labels() {
    assertThat(cautions(labels(LabelMeasures.USUAL, 1000, "Skerry"))).isEmpty();
    assertThat(cautions(labels(LabelMeasures.USUAL, 300, "Skerry")))
        .containsExactly("sum.labels.left");
    assertThat(cautions(labels(new LabelMeasures(25, 300, Fold.END, 8, 3), 4000, "Skerry")))
        .containsExactly("sum.labels.too-long");
    assertThat(cautions(labels(LabelMeasures.USUAL, 1000, "The Harbour Rowing Club of Skerry")))
        .containsExactly("sum.labels.small");
    assertThat(cautions(labels(new LabelMeasures(25, 50, Fold.END, 3, 3), 1000, "Skerry")))
        .containsExactly("sum.labels.fold");
    assertThat(cautions(labels(new LabelMeasures(25, 50, Fold.FLAT, 0, 3), 1000, "Skerry")))
        .isEmpty();
  }

  /**
   * Before a method is taken nobody knows which way round the print has to be, and that is said.
   */
  @Test
  void labelsBeforeAMethod() {
    LabelStock tape = new LabelStock.Tapes(List.of(1000.0), 300);
    Function<String, Shape> block = w -> new Rectangle2D.Double(0, -10, 7, 10);
    List<Label> one = List.of(new Label("S"));
    for (Boolean mirrored : new Boolean[] {null, true, false}) {
      Sum sum = LabelSum.of(one, LabelMeasures.USUAL, tape, mirrored, PRESS, block, 10);
      assertThat(cautions(sum).contains("sum.labels.undecided")).isEqualTo(mirrored == null);
      assertThat(sum.facts().stream().anyMatch(f -> f.key().equals("sum.labels.mirrored")))
          .isEqualTo(Boolean.TRUE.equals(mirrored));
    }
  }

  private static MultiPolygon disc(double r) {
    return Rings.area(
        Flattening.rings(new Ellipse2D.Double(0, 0, 2 * r, 2 * r)), FillRule.NON_ZERO);
  }

  private static Sum patches(MultiPolygon outline, PatchMeasures measures, int sheets) {
    List<Stock> stocks = new java.util.ArrayList<>();
    for (int i = 0; i < sheets; i++) {
      stocks.add(new Stock("w" + i, PatchSet.WEB, Stock.Kind.SHEET, 216, 279));
      stocks.add(new Stock("c" + i, PatchSet.COVER, Stock.Kind.SHEET, 500, 500));
    }
    LayRules mat = new LayRules(0, 3, 500, 500);
    return PatchSum.of(outline, measures, 12, 2, true, stocks, mat, Progress.NONE);
  }

  @Test
  void patches() {
    assertThat(cautions(patches(disc(32), PatchMeasures.USUAL, 2))).isEmpty();
    assertThat(cautions(patches(disc(32), PatchMeasures.USUAL, 0)))
        .containsExactly("sum.patches.web-short", "sum.patches.cover-short");
    MultiPolygon bone =
        Grid.union(
            List.of(
                Grid.rectangle(0, 0, 30, 30),
                Grid.rectangle(29, 13.5, 22, 3),
                Grid.rectangle(50, 0, 30, 30)));
    assertThat(cautions(patches(bone, PatchMeasures.USUAL, 2)))
        .contains("sum.patches.web-apart", "sum.patches.border-meets", "sum.patches.lifts");
    assertThat(cautions(patches(disc(32), new PatchMeasures(4, 3, 1, 0, 40), 2)))
        .containsExactly("sum.patches.glue-shows", "sum.patches.narrow-cover");
    assertThat(patches(disc(32), PatchMeasures.USUAL, 2).steps())
        .extracting(Sentence::key)
        .contains("sum.patches.step.satin")
        .doesNotContain("sum.patches.step.cut");
    assertThat(patches(disc(32), new PatchMeasures(0, 10, 1, 2, 40), 2).steps())
        .extracting(Sentence::key)
        .contains("sum.patches.step.cut")
        .doesNotContain("sum.patches.step.satin");
  }

  private static Sum strips(double border, double strip) {
    StripMeasures measures = new StripMeasures(280, 360, border, strip, 2, Corner.BUTT);
    return StripSum.of(measures, 2, 300, PRESS, Seconds.of(10));
  }

  @Test
  void strips() {
    assertThat(cautions(strips(15, 12))).isEmpty();
    assertThat(cautions(strips(13, 12))).containsExactly("sum.strips.too-wide");
    assertThat(cautions(strips(10, 12))).containsExactly("sum.strips.on-print");
    // 310 x 390 lies under a platen of 400 x 500 at once; 410 wide does not, the other way does.
    assertThat(strips(15, 12).facts()).extracting(Sentence::key).contains("sum.strips.one-closing");
  }

  private static Sum slits(double pitch, double bridge, double stretch, double inside) {
    SlitMeasures measures = new SlitMeasures(240, 320, pitch, 8, 60, bridge, true, stretch);
    return SlitSum.of(measures, inside, 20, Paper.A4);
  }

  @Test
  void slits() {
    assertThat(cautions(slits(19, 12, 15, 500))).containsExactly("sum.slits.blade");
    assertThat(cautions(slits(19, 12, 5, 500))).contains("sum.slits.too-narrow");
    assertThat(cautions(slits(19, 4, 15, 500))).contains("sum.slits.too-thin");
    assertThat(cautions(slits(19, 12, 30, 500))).contains("sum.slits.does-not-give");
    assertThat(cautions(slits(19, 12, 15, 230))).contains("sum.slits.no-board");
  }

  private static Sum stones(
      StoneTool tool, Set<StoneSize> tips, double gap, String colour, String cloth) {
    List<StoneSize> sizes = List.of(StoneSize.SS20, StoneSize.SS6);
    MultiPolygon area = Grid.of(List.of(Grid.rectangle(0, 0, 60, 40)));
    StoneLayer layer = new StoneLayer(area, Pattern.MIXED, sizes, Grading.NONE, colour);
    StoneSum.Asked asked =
        new StoneSum.Asked(gap, 0.05, tool, 0.4, 200, 280, tips, cloth, StoneSum.Repeat.ONCE);
    return StoneSum.of(List.of(layer), asked, 2).sum();
  }

  @Test
  void stones() {
    String glass = "#e8edf2";
    String navy = "#1d3c6e";
    assertThat(cautions(stones(StoneTool.STENCIL, Set.of(), 0.8, glass, navy))).isEmpty();
    assertThat(cautions(stones(StoneTool.STENCIL, Set.of(), 0.3, glass, navy)))
        .containsExactly("sum.stones.run-together");
    assertThat(cautions(stones(StoneTool.STENCIL, Set.of(), 0.5, glass, navy)))
        .containsExactly("sum.stones.tears");
    assertThat(cautions(stones(StoneTool.SHEET, Set.of(), 0.3, glass, "#f4f2ee")))
        .containsExactly("sum.stones.lost");
    assertThat(cautions(stones(StoneTool.SHEET, Set.of(), 0.3, "#d0312d", "#3b7a3b")))
        .containsExactly("sum.stones.by-colour");
    assertThat(cautions(stones(StoneTool.WAND, EnumSet.of(StoneSize.SS20), 0.3, glass, navy)))
        .containsExactly("sum.stones.no-tip");
    assertThat(cautions(stones(StoneTool.WAND, Set.of(), 0.3, glass, navy))).isEmpty();
    assertThat(stones(StoneTool.WAND, Set.of(), 0.3, glass, navy).facts())
        .extracting(Sentence::key)
        .contains("sum.stones.flat-tip");
  }

  /** Of two layers over one another the first stays whole, and what is left out is said. */
  @Test
  void whatFindsNoRoomIsSaid() {
    MultiPolygon area = Grid.of(List.of(Grid.rectangle(0, 0, 30, 30)));
    StoneLayer one =
        new StoneLayer(area, Pattern.HEXAGONAL, List.of(StoneSize.SS10), Grading.NONE, "#ffffff");
    StoneLayer other =
        new StoneLayer(area, Pattern.SQUARE, List.of(StoneSize.SS10), Grading.NONE, "#d0312d");
    StoneSum.Asked asked =
        new StoneSum.Asked(
            0.3, 0, StoneTool.SHEET, 0.4, 200, 280, Set.of(), "#1d3c6e", StoneSum.Repeat.ONCE);
    StoneSum.Laid alone = StoneSum.of(List.of(one), asked, 1);
    StoneSum.Laid both = StoneSum.of(List.of(one, other), asked, 1);
    assertThat(both.counts().kinds().stream().filter(k -> k.colour().equals("#ffffff")))
        .extracting(k -> k.laid())
        .containsExactly(alone.counts().laid());
    assertThat(cautions(both.sum())).contains("sum.stones.dropped");
  }

  @Test
  void noneThatFitsIsSaidAndNothingIsDrawn() {
    MultiPolygon sliver = Grid.of(List.of(Grid.rectangle(0, 0, 60, 1)));
    StoneLayer layer =
        new StoneLayer(sliver, Pattern.HEXAGONAL, List.of(StoneSize.SS10), Grading.NONE, "#ffffff");
    StoneSum.Asked asked =
        new StoneSum.Asked(
            0.3, 0, StoneTool.SHEET, 0.4, 200, 280, Set.of(), "#1d3c6e", StoneSum.Repeat.ONCE);
    Sum sum = StoneSum.of(List.of(layer), asked, 1).sum();
    assertThat(cautions(sum)).containsExactly("sum.stones.none");
    assertThat(sum.pages()).isEmpty();
  }

  /** A stencil turned over: cloth twice as high, what is covered up and what is set by hand. */
  @Test
  void aStencilTurnedOver() {
    MultiPolygon area = Grid.of(List.of(Grid.rectangle(0, 0, 30, 20)));
    StoneLayer layer =
        new StoneLayer(area, Pattern.SQUARE, List.of(StoneSize.SS10), Grading.NONE, "#e8edf2");
    assertThat(cautions(turned(layer, 8))).isEmpty();
    assertThat(turned(layer, 8).facts())
        .extracting(Sentence::key)
        .contains("sum.stones.uses", "sum.stones.doubled", "sum.stones.by-hand");
    assertThat(cautions(turned(layer, -6))).contains("sum.stones.covered-up");
    assertThat(turned(layer, 8).steps())
        .extracting(Sentence::key)
        .contains("sum.stones.step.turn", "sum.stones.step.fill", "sum.stones.step.trim");
  }

  private static Sum turned(StoneLayer layer, double distance) {
    StoneSum.Asked asked =
        new StoneSum.Asked(
            0.8,
            0,
            StoneTool.STENCIL,
            0.4,
            200,
            280,
            Set.of(),
            "#1d3c6e",
            new StoneSum.Repeat(3, distance, true));
    return StoneSum.of(List.of(layer), asked, 1).sum();
  }

  @Test
  void motifs() {
    Figure shell = new Figure("shell", 40, 30, 6);
    assertThat(cautions(MotifSum.of(new MotifLine(400, 0), shell, Part.WHOLE, 0, 10, false, 2)))
        .isEmpty();
    assertThat(cautions(MotifSum.of(new MotifLine(400, 0), shell, Part.WHOLE, 0, 10, true, 2)))
        .containsExactly("sum.motifs.both-ways");
    assertThat(cautions(MotifSum.of(new MotifLine(150, 70), shell, Part.WHOLE, 0, 10, false, 1)))
        .containsExactly("sum.motifs.fans-out");
    // 13 halves laid in turn on two pieces: 14 figures of 6 on a sheet.
    Sentence sheets =
        MotifSum.of(new MotifLine(400, 0), shell, Part.HALF, 0, 10, true, 2).facts().get(2);
    assertThat(sheets.arguments()).containsExactly(14, 3, 2);
  }
}
