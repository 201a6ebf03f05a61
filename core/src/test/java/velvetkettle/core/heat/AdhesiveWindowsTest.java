package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Window;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PressKind;

/**
 * A family whose own window the computation condemns is a wrong constant, not a wrong window. The
 * windows: common practice, no source.
 */
class AdhesiveWindowsTest {
  @ParameterizedTest
  @CsvSource({
    "film-smooth, JERSEY, COTTON",
    "film-stretch, ELASTANE_KNIT, POLYESTER",
    "film-nylon, NYLON_SHELL, POLYAMIDE_66",
    "film-low, INTERLOCK, POLYESTER",
    "film-block, INTERLOCK, POLYESTER",
    "film-glitter, JERSEY, COTTON",
    "film-flock, JERSEY, COTTON",
    "film-metal, JERSEY, COTTON",
    "film-reflect, JERSEY, COTTON",
    "film-puff, JERSEY, COTTON",
    "film-print, JERSEY, COTTON",
    "xfer-dtf, JERSEY, COTTON",
    "xfer-screen, JERSEY, COTTON",
    "paper-light, JERSEY, COTTON",
    "paper-dark, JERSEY, COTTON",
    "sub-direct, WOVEN_SHIRTING, POLYESTER",
    "web-light, JERSEY, COTTON",
    "web-double, JERSEY, COTTON",
    "patch-web, JERSEY, COTTON",
    "stone-sheet, JERSEY, COTTON",
    "stone-stencil, JERSEY, COTTON",
    "sub-coated, CANVAS, COTTON"
  })
  @DisplayName(
      "every medium holds in the middle of its window, two to six times over; safely on a press that"
          + " was measured")
  void middle(String medium, Fabric fabric, Fibre fibre) {
    Judgement rough = on(medium, fabric, fibre).judge();
    assertThat(rough.margins().hold().verdict()).isNotEqualTo(Verdict.NO);
    Judgement judged =
        on(medium, fabric, fibre).with(PressKind.PLATE_DRAW, Calibration.readsHigh(0)).judge();
    assertThat(judged.heat().bond().count()).isBetween(1.7, 6.5);
    assertThat(judged.margins().hold().verdict()).isEqualTo(Verdict.SAFE);
  }

  @Test
  @DisplayName(
      "strong web: so short a press only tacks it; it holds once it was pressed from the back")
  void strongWeb() {
    PressingBuilder tacked =
        on("web-strong", Fabric.JERSEY, Fibre.COTTON)
            .with(PressKind.PLATE_DRAW, Calibration.readsHigh(0));
    PressingBuilder both = tacked.thenFromBack(10);
    assertThat(both.judge().heat().bond().count()).isBetween(1.5, 6.5);
    assertThat(both.judge().margins().hold().verdict()).isNotEqualTo(Verdict.NO);
  }

  /**
   * What is left to practice: the web for knits is fused by steam through a damp cloth, from an
   * iron that is moved. The tip is computed in {@link StonesTest}; plans do not ask for it yet.
   */
  @Test
  @DisplayName("no more than three media are planned by practice, on every tool that they know")
  void byPractice() {
    List<String> followed =
        MediaCatalogue.TRADE.all().stream()
            .filter(medium -> !medium.atPress().tools().isEmpty())
            .filter(medium -> medium.atPress().tools().stream().noneMatch(this::isComputed))
            .map(Medium::key)
            .toList();
    assertThat(followed).containsExactlyInAnyOrder("web-stretch", "stone-wand");
  }

  private boolean isComputed(PressKind kind) {
    return PressingBuilder.film().with(kind, Calibration.NONE).build().isComputed();
  }

  @ParameterizedTest
  @CsvSource({
    "film-smooth, JERSEY, COTTON",
    "film-nylon, NYLON_SHELL, POLYAMIDE_66",
    "film-low, INTERLOCK, POLYESTER",
    "film-block, INTERLOCK, POLYESTER",
    "xfer-dtf, JERSEY, COTTON",
    "paper-light, JERSEY, COTTON",
    "sub-direct, WOVEN_SHIRTING, POLYESTER"
  })
  @DisplayName("its coolest, shortest corner still holds")
  void corner(String medium, Fabric fabric, Fibre fibre) {
    Window window = MediaCatalogue.TRADE.get(medium).window();
    Pressing pressing =
        on(medium, fabric, fibre)
            .at(window.temperature().low().degrees(), window.time().low().count())
            .build();
    Reading reading = Reading.of(pressing, PressSimulation.nominal(pressing, Detail.FINE).acts());
    assertThat(reading.bond()).isGreaterThan(0.9);
  }

  private static PressingBuilder on(String medium, Fabric fabric, Fibre fibre) {
    return PressingBuilder.of(medium).on(fabric, fibre).dyed(DyeKind.UNDYED, Depth.WHITE);
  }
}
