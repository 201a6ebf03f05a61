package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.heat.phase.Allowed;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;

/**
 * What the margins say: common practice, no source; the thresholds of Mark: engineering estimate.
 */
class TradeMarginsTest {
  private final Pressing everyday = pressing(cotton(), "film-smooth", 155, 12, Pressure.MEDIUM);

  @Test
  void insideTheWindowOnCottonAllIsSafe() {
    assertThat(judge(everyday).all()).allMatch(margin -> margin.verdict() == Verdict.SAFE);
    assertThat(judge(everyday).tight()).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "149, 12, MEDIUM, NO, hold.too-cool",
    "150, 12, MEDIUM, SAFE, hold.inside",
    "155, 9, MEDIUM, NO, hold.too-short",
    "155, 10, MEDIUM, SAFE, hold.inside",
    "155, 12, LIGHT, TIGHT, hold.weak-pressure",
    "155, 12, HAND, TIGHT, hold.weak-pressure",
    "155, 12, FIRM, SAFE, hold.inside"
  })
  void hold(double platen, double time, Pressure pressure, Verdict verdict, String reason) {
    Margin hold = judge(pressing(cotton(), "film-smooth", platen, time, pressure)).hold();
    assertThat(hold.verdict()).isEqualTo(verdict);
    assertThat(hold.reason().key()).isEqualTo(reason);
    assertThat(hold.lift() != null).isEqualTo(verdict == Verdict.NO);
  }

  @Test
  @DisplayName("glue hardly wets a repelled or shell cloth; ink that turns to gas does not mind")
  void holdOnFinishes() {
    Garment repelled = with(cotton(), Fabric.JERSEY, Finish.WATER_REPELLENT, IronMark.UNKNOWN);
    Garment shell = with(cotton(), Fabric.NYLON_SHELL, Finish.NONE, IronMark.UNKNOWN);
    assertThat(hold(repelled, "film-smooth").reason().key()).isEqualTo("hold.finish");
    assertThat(hold(shell, "film-smooth").reason().key()).isEqualTo("hold.shell");
    assertThat(hold(repelled, "sub-direct").verdict()).isEqualTo(Verdict.SAFE);
  }

  @ParameterizedTest
  @CsvSource({
    "WOOL, 150, SAFE",
    "WOOL, 151, TIGHT",
    "WOOL, 164, TIGHT",
    "WOOL, 165, NO",
    "WOOL, 180, NO",
    "COTTON, 190, SAFE",
    "COTTON, 195, TIGHT",
    "POLYESTER, 205, SAFE",
    "ELASTANE, 155, SAFE",
    "ELASTANE, 176, NO"
  })
  @DisplayName("safe from 15 K below the fibre's limit, tight above 0 K, else no")
  void mark(Fibre fibre, double platen, Verdict verdict) {
    Garment garment = garment(Blend.of(fibre), Depth.WHITE, DyeKind.UNDYED);
    assertThat(
            judge(pressing(garment, "film-smooth", platen, 12, Pressure.MEDIUM)).mark().verdict())
        .isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({"60, 1, false", "61, 1, true", "40, 1, false", "40, 2, true", "30, 2, false"})
  @DisplayName("a stencil lies under the hot platen for a minute in all, however often")
  void stencil(double time, int closings, boolean ruledOut) {
    Pressing once = pressing(cotton(), "stone-stencil", 155, time, Pressure.LIGHT);
    WorkPhase.Closed closed =
        (WorkPhase.Closed)
            PressingBuilder.of("stone-stencil").at(155, time).build().untilPressed().stream()
                .reduce((before, last) -> last)
                .orElseThrow();
    Margin mark = judge(once.over(Collections.nCopies(closings, closed))).mark();
    assertThat(mark.reason().key().equals("mark.pressed-too-long")).isEqualTo(ruledOut);
    assertThat(mark.verdict() == Verdict.NO).isEqualTo(ruledOut);
  }

  @Test
  @DisplayName("an iron label warns by one step and never forbids")
  void ironLabel() {
    Garment oneDot = with(cotton(), Fabric.JERSEY, Finish.NONE, IronMark.ONE_DOT);
    Garment threeDots = with(cotton(), Fabric.JERSEY, Finish.NONE, IronMark.THREE_DOTS);
    assertThat(mark(oneDot).verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(mark(oneDot).reason().key()).isEqualTo("mark.iron-label");
    assertThat(mark(threeDots).verdict()).isEqualTo(Verdict.SAFE);
  }

  @ParameterizedTest
  @CsvSource({
    "100, DARK, DISPERSE, film-smooth, NO",
    "100, DARK, SUBLIMATED, film-smooth, NO",
    "100, WHITE, SUBLIMATED, film-smooth, NO",
    "100, DARK, UNKNOWN, film-smooth, NO",
    "100, DARK, FLUORESCENT, film-smooth, NO",
    "75, DARK, DISPERSE, film-smooth, NO",
    "74, DARK, DISPERSE, film-smooth, TIGHT",
    "49, DARK, DISPERSE, film-smooth, SAFE",
    "100, LIGHT, DISPERSE, film-smooth, TIGHT",
    "100, WHITE, DISPERSE, film-smooth, SAFE",
    "100, DARK, SOLUTION_DYED, film-smooth, SAFE",
    "100, DARK, DISPERSE, film-block, TIGHT",
    "100, DARK, DISPERSE, patch-web, SAFE",
    "100, DARK, DISPERSE, sub-direct, SAFE",
    "30, DARK, UNKNOWN, film-smooth, SAFE"
  })
  void bleed(double polyester, Depth depth, DyeKind dye, String medium, Verdict verdict) {
    Blend blend =
        polyester == 100
            ? Blend.of(Fibre.POLYESTER)
            : Blend.of(Fibre.POLYESTER, polyester, Fibre.COTTON);
    Margin bleed =
        judge(pressing(garment(blend, depth, dye), medium, 140, 15, Pressure.FIRM)).bleed();
    assertThat(bleed.verdict()).isEqualTo(verdict);
    assertThat(bleed.lift() != null).isEqualTo(verdict == Verdict.NO);
  }

  @Test
  @DisplayName("a dark film shows no stain: bleed is tight where it would be no under white")
  void darkArtHidesStains() {
    Garment navy = garment(Blend.of(Fibre.POLYESTER), Depth.DARK, DyeKind.DISPERSE);
    Pressing dark = pressing(navy, "film-smooth", 150, 12, Pressure.MEDIUM, Depth.DARK);
    assertThat(judge(dark).bleed().verdict()).isEqualTo(Verdict.TIGHT);
  }

  private static Margins judge(Pressing pressing) {
    return TradeMargins.margins(pressing);
  }

  private static Margin mark(Garment garment) {
    return judge(pressing(garment, "film-smooth", 155, 12, Pressure.MEDIUM)).mark();
  }

  private static Margin hold(Garment garment, String medium) {
    Medium of = MediaCatalogue.TRADE.get(medium);
    return judge(
            pressing(
                garment,
                medium,
                of.window().usualTemperature().degrees(),
                of.window().usualTime().count(),
                of.window().pressure()))
        .hold();
  }

  private static Garment cotton() {
    return garment(Blend.of(Fibre.COTTON), Depth.WHITE, DyeKind.UNDYED);
  }

  private static Garment garment(Blend blend, Depth depth, DyeKind dye) {
    return new Garment(
        "top",
        GarmentKind.TOP,
        Size.ADULT,
        new ClothSpec(
            blend,
            Fabric.JERSEY,
            new Colour("some", depth, Hue.BLUE),
            dye,
            Finish.NONE,
            IronMark.UNKNOWN),
        Set.of());
  }

  private static Garment with(Garment g, Fabric fabric, Finish finish, IronMark iron) {
    return new Garment(
        g.name(),
        g.kind(),
        g.size(),
        new ClothSpec(g.blend(), fabric, g.colour(), g.dye(), finish, iron),
        g.obstacles());
  }

  private static Pressing pressing(
      Garment garment, String medium, double platen, double time, Pressure pressure) {
    return pressing(garment, medium, platen, time, pressure, Depth.WHITE);
  }

  private static Pressing pressing(
      Garment garment, String key, double platen, double time, Pressure pressure, Depth lightest) {
    Medium medium = MediaCatalogue.TRADE.get(key);
    Press press =
        new Press(
            "Big press",
            PressKind.PLATE_CLAM,
            Millimetres.of(380),
            Millimetres.of(380),
            Calibration.NONE);
    Artwork art =
        new Artwork(
            "art",
            ArtKind.LOGO,
            new ArtSize(Millimetres.of(100), Millimetres.of(100)),
            new Tones(1, lightest),
            Placement.CHEST,
            Surface.ANY);
    return new Pressing(
        new Workplace(garment, press, Workroom.USUAL),
        art,
        medium,
        new Allowed(medium.window().temperature(), medium.window().time(), false),
        Celsius.of(platen),
        Seconds.of(time),
        pressure,
        List.of());
  }
}
