package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.heat.PressingBuilder.film;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.heat.band.Band;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Margins from heat. Thresholds: engineering estimates; what comes out: common practice, no source.
 */
class HeatMarginsTest {
  private static final Calibration MEASURED = Calibration.readsHigh(0);

  @Test
  @DisplayName("film on a cotton tee in the middle of its window: all safe, by computation")
  void middleOfTheWindow() {
    Judgement judged = film().judge();
    assertThat(judged.margins().all().map(Margin::verdict)).containsOnly(Verdict.SAFE);
    assertThat(judged.margins().hold().computed()).isTrue();
    assertThat(judged.margins().mark().computed()).isTrue();
    assertThat(judged.heat()).isNotNull();
    assertThat(judged.heat().bond().count()).isBetween(2.0, 4.0);
    assertThat(judged.heat().bondedAfter()).isBetween(Seconds.of(4), Seconds.of(7));
  }

  @Test
  @DisplayName(
      "drawn to scale, ten settings differ, and the hotter one holds better and marks more")
  void toScale() {
    List<Margins> hotter =
        IntStream.range(0, 10).mapToObj(n -> film().at(140 + 2 * n, 10).judge().margins()).toList();
    List<Double> hold = hotter.stream().map(Margins::hold).map(HeatMarginsTest::pointer).toList();
    List<Double> mark = hotter.stream().map(Margins::mark).map(HeatMarginsTest::pointer).toList();
    assertThat(hold).isSorted().doesNotHaveDuplicates();
    assertThat(mark).isSortedAccordingTo(Comparator.reverseOrder()).doesNotHaveDuplicates();
    for (Margins margins : hotter) {
      margins.all().filter(margin -> margin.pointer() != null).forEach(HeatMarginsTest::inItsZone);
    }
  }

  private static double pointer(Margin margin) {
    return Objects.requireNonNull(margin.pointer()).at();
  }

  private static void inItsZone(Margin margin) {
    double at = pointer(margin);
    Verdict zone =
        at < Pointer.TIGHT ? Verdict.NO : at < Pointer.SAFE ? Verdict.TIGHT : Verdict.SAFE;
    assertThat(zone).isEqualTo(margin.verdict());
  }

  @Test
  @DisplayName("what stands on a pile is pressed lightly and holds by practice; what does not, not")
  void onPile() {
    PressingBuilder raised =
        PressingBuilder.of("film-puff").on(Fabric.CORDUROY, Fibre.COTTON).pressed(Pressure.LIGHT);
    Margin hold = raised.judge().margins().hold();
    assertThat(hold.verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(hold.reason()).isEqualTo(Sentence.of("hold.on-pile", Fabric.CORDUROY));
    assertThat(hold.computed()).isFalse();
    Margin thin =
        film()
            .on(Fabric.CORDUROY, Fibre.COTTON)
            .pressed(Pressure.LIGHT)
            .at(140, 4)
            .judge()
            .margins()
            .hold();
    assertThat(thin.verdict()).isEqualTo(Verdict.NO);
    Margin cold = raised.at(100, 8).judge().margins().hold();
    assertThat(cold.verdict()).as("practice does not press it so cool").isEqualTo(Verdict.NO);
  }

  @Test
  @DisplayName("one press in ten under half of its need is a no, however the likeliest one does")
  void oneInTen() {
    Pressing tee = film().at(155, 8).build();
    Margins practice = TradeMargins.margins(tee);
    Reading reading = Reading.of(tee, PressSimulation.nominal(tee, Detail.FINE).acts());
    assertThat(reading.bond()).isGreaterThan(1.2);
    Band wide = new Band(Math.log(0.3 / reading.bond()), 1);
    Spread spread = new Spread(wide, Band.NONE, Band.NONE, Band.NONE, Band.NONE);
    Margin hold = new HoldMargin(tee, reading, spread, practice.hold()).margin();
    assertThat(hold.verdict()).isEqualTo(Verdict.NO);
    assertThat(hold.reason().key()).isEqualTo("hold.heat.glue.no-one-in-ten");
    assertThat((Seconds) hold.lift().arguments().get(0)).isGreaterThan(Seconds.of(8));
    Band narrow = new Band(Math.log(0.6 / reading.bond()), 1);
    Spread fair = new Spread(narrow, Band.NONE, Band.NONE, Band.NONE, Band.NONE);
    assertThat(new HoldMargin(tee, reading, fair, practice.hold()).verdict())
        .isEqualTo(Verdict.TIGHT);
  }

  @Test
  @DisplayName("of a mesh only the yarns carry: what holds on a jersey may not hold there")
  void onMesh() {
    Blend cotton = Blend.of(Fibre.COTTON);
    assertThat(film().at(155, 6).judge().margins().hold().verdict()).isEqualTo(Verdict.TIGHT);
    for (Fabric open : List.of(Fabric.MESH, Fabric.LACE)) {
      Margin brief = film().on(open, cotton).at(155, 6).judge().margins().hold();
      assertThat(brief.verdict()).as("%s", open).isEqualTo(Verdict.NO);
      Seconds longer = (Seconds) brief.lift().arguments().get(0);
      PressingBuilder enough = film().on(open, cotton).at(155, longer.count());
      assertThat(enough.judge().margins().hold().verdict()).isEqualTo(Verdict.TIGHT);
      Pressing pressing = enough.build();
      Reading reading = Reading.of(pressing, PressSimulation.nominal(pressing, Detail.FINE).acts());
      assertThat(reading.bond()).as("%s as long as was told", open).isBetween(0.99, 1.2);
    }
  }

  @ParameterizedTest
  @CsvSource({"155, 12, SAFE", "155, 6, TIGHT", "155, 4, NO", "130, 12, TIGHT", "105, 15, NO"})
  @DisplayName("Hold goes down with heat and time, and a no says what would do")
  void hold(double platen, double seconds, Verdict verdict) {
    Margin hold = film().at(platen, seconds).judge().margins().hold();
    assertThat(hold.verdict()).isEqualTo(verdict);
    assertThat(hold.lift() != null).isEqualTo(verdict == Verdict.NO);
  }

  @Test
  @DisplayName("too short says how long; far too cool asks for more heat")
  void whatWouldLiftIt() {
    Margin brief = film().at(155, 3).judge().margins().hold();
    assertThat(brief.lift().key()).isEqualTo("hold.heat.glue.no.lift-longer");
    assertThat((Seconds) brief.lift().arguments().get(0)).isBetween(Seconds.of(4), Seconds.of(8));
    Margin cool = film().at(80, 15).judge().margins().hold();
    assertThat(cool.lift().key()).isEqualTo("hold.heat.glue.no.lift-hotter");
  }

  @Test
  @DisplayName("where the likeliest press says no, nothing more is computed than all three margins")
  void ruledOutEarly() {
    Judgement judged = film().at(80, 15).judge();
    assertThat(judged.heat()).isNull();
    assertThat(judged.margins().ruleOut()).isTrue();
    assertThat(judged.margins().all()).allMatch(margin -> !margin.reason().key().isEmpty());
    assertThat(film().judge().margins().ruleOut()).isFalse();
  }

  @Test
  @DisplayName("a measured press has the same middle and a narrower spread")
  void measuredIsNarrower() {
    Spread rough = film().spread();
    Spread known = film().with(PressKind.PLATE_DRAW, MEASURED).spread();
    assertThat(known.bond().high()).isLessThan(rough.bond().high());
    assertThat(known.glueLine().high()).isLessThan(rough.glueLine().high());
    assertThat(film().judge().heat().giveOrTake().degrees()).isBetween(12.0, 16.0);
    PressingBuilder strips = film().with(PressKind.PLATE_DRAW, MEASURED);
    assertThat(strips.judge().heat().giveOrTake().degrees()).isBetween(5.0, 9.0);
    Calibration roughly = new Calibration(Kelvin.of(0), Kelvin.of(9), true);
    assertThat(film().with(PressKind.PLATE_DRAW, roughly).judge().heat().giveOrTake().degrees())
        .isGreaterThan(strips.judge().heat().giveOrTake().degrees() + 2);
  }

  @Test
  @DisplayName("no pre-press on cotton: the water that leaves under the film makes Hold tight")
  void steam() {
    Margin hold = film().dried(0).judge().margins().hold();
    assertThat(hold.verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(hold.reason().key()).isEqualTo("hold.heat.steam");
  }

  @Test
  @DisplayName("far more than the glue needs may strike through")
  void strikesThrough() {
    Margin hold = film().at(185, 60).judge().margins().hold();
    assertThat(hold.reason().key()).isEqualTo("hold.heat.strikes-through");
  }

  @Test
  @DisplayName("what heat does not know: a finish that glue does not wet stays a warning")
  void finishes() {
    Margin hold = film().finished(Finish.WATER_REPELLENT).judge().margins().hold();
    assertThat(hold.verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(hold.reason().key()).isEqualTo("hold.finish");
  }

  @ParameterizedTest
  @EnumSource(names = {"IRON_STEAM", "WAND"})
  @DisplayName("a steam iron and a wand are not computed: practice speaks, and says so")
  void practiceSpeaks(PressKind kind) {
    Judgement judged = film().with(kind, Calibration.NONE).judge();
    assertThat(judged.heat()).isNull();
    assertThat(judged.margins().all()).noneMatch(Margin::computed);
  }

  @Test
  @DisplayName("a material's own sheet comes before what was computed")
  void theSheetComesFirst() {
    Margin hold = film().at(145, 30).bySheet().judge().margins().hold();
    assertThat(hold.verdict()).isEqualTo(Verdict.NO);
    assertThat(hold.computed()).isFalse();
    assertThat(film().at(145, 30).judge().margins().hold().verdict()).isEqualTo(Verdict.SAFE);
  }

  @ParameterizedTest
  @CsvSource({
    "COTTON, 155, 12, SAFE",
    "COTTON, 200, 60, TIGHT",
    "WOOL, 150, 12, SAFE",
    "WOOL, 164, 60, TIGHT",
    "WOOL, 180, 12, NO",
    "POLYESTER, 155, 12, SAFE",
    "ELASTANE, 155, 12, SAFE",
    "ELASTANE, 170, 20, TIGHT",
    "ELASTANE, 180, 12, NO"
  })
  @DisplayName("Mark: kelvin to where a fibre sticks, or its scorch dose")
  void mark(Fibre fibre, double platen, double seconds, Verdict verdict) {
    Margin mark =
        film()
            .on(Fabric.JERSEY, fibre)
            .dyed(DyeKind.UNDYED, Depth.WHITE)
            .at(platen, seconds)
            .judge()
            .margins()
            .mark();
    assertThat(mark.verdict()).as(mark.reason().key()).isEqualTo(verdict);
  }

  @Test
  @DisplayName("an iron label, an unknown rest and shine warn by one step and never forbid")
  void warnings() {
    assertThat(film().labelled(IronMark.ONE_DOT).judge().margins().mark().reason().key())
        .isEqualTo("mark.iron-label");
    Blend partly = new Blend(List.of(new FibreShare(Fibre.COTTON, 80)));
    assertThat(film().on(Fabric.JERSEY, partly).judge().margins().mark().reason().key())
        .isEqualTo("mark.unknown-rest");
    Margin shiny =
        film()
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(DyeKind.UNDYED, Depth.WHITE)
            .at(175, 12)
            .judge()
            .margins()
            .mark();
    assertThat(shiny.reason().key()).isEqualTo("mark.heat.shine");
    assertThat(shiny.verdict()).isEqualTo(Verdict.TIGHT);
  }

  @ParameterizedTest
  @CsvSource({
    "film-smooth, DISPERSE, DARK, NO",
    "film-smooth, SUBLIMATED, DARK, NO",
    "film-smooth, SOLUTION_DYED, DARK, SAFE",
    "film-smooth, REACTIVE, DARK, NO",
    "film-smooth, UNDYED, WHITE, SAFE",
    "film-block, DISPERSE, DARK, SAFE",
    "film-block, SUBLIMATED, DARK, TIGHT"
  })
  @DisplayName("Bleed on polyester by dye, depth and blocker")
  void bleed(String medium, DyeKind dye, Depth depth, Verdict verdict) {
    Margin bleed =
        PressingBuilder.of(medium)
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(dye, depth)
            .judge()
            .margins()
            .bleed();
    assertThat(bleed.verdict()).as(bleed.reason().key()).isEqualTo(verdict);
  }

  @Test
  @DisplayName("the less polyester, the less dye wanders; a dark film shows none of it")
  void bleedOnBlends() {
    Blend half = Blend.of(Fibre.POLYESTER, 30, Fibre.COTTON);
    assertThat(
            film()
                .on(Fabric.JERSEY, half)
                .dyed(DyeKind.DISPERSE, Depth.DARK)
                .judge()
                .margins()
                .bleed()
                .verdict())
        .isEqualTo(Verdict.SAFE);
    assertThat(
            film()
                .on(Fabric.INTERLOCK, Fibre.POLYESTER)
                .dyed(DyeKind.DISPERSE, Depth.DARK)
                .art(Depth.DARK)
                .judge()
                .margins()
                .bleed()
                .verdict())
        .isEqualTo(Verdict.TIGHT);
  }

  @Test
  @DisplayName("acid dyes on nylon are not computed, and a print in the cloth may fade again")
  void notModelled() {
    Margin nylon =
        film()
            .on(Fabric.NYLON_SHELL, Fibre.POLYAMIDE_66)
            .dyed(DyeKind.ACID, Depth.DARK)
            .judge()
            .margins()
            .bleed();
    assertThat(nylon.reason().key()).isEqualTo("bleed.heat.not-modelled");
    assertThat(nylon.computed()).isFalse();
    Margin printed =
        PressingBuilder.of("patch-web")
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(DyeKind.SUBLIMATED, Depth.DARK)
            .at(170, 30)
            .judge()
            .margins()
            .bleed();
    assertThat(printed.reason().key()).isEqualTo("bleed.heat.print-fades");
    assertThat(printed.verdict()).isEqualTo(Verdict.TIGHT);
    Margin cool =
        PressingBuilder.of("patch-web")
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(DyeKind.SUBLIMATED, Depth.DARK)
            .at(140, 10)
            .judge()
            .margins()
            .bleed();
    assertThat(cool.verdict()).isEqualTo(Verdict.SAFE);
  }

  @Test
  @DisplayName("the Stack carries each layer's peak, falling from the platen down")
  void peaks() {
    List<Double> peaks =
        film().judge().heat().stack().layers().stream()
            .filter(layer -> layer.peak() != null)
            .map(layer -> layer.peak().degrees())
            .toList();
    assertThat(peaks).hasSizeGreaterThan(5).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    assertThat(peaks.get(0)).isEqualTo(155);
  }
}
