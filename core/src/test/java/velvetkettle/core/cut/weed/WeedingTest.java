package velvetkettle.core.cut.weed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.media.MediaCatalogue;

/** Limits: handbook 5.2 (common practice, no source); widths follow from plane geometry. */
class WeedingTest {
  private static final WeedLimits NEW_BLADE =
      WeedLimits.of(MediaCatalogue.TRADE.get("film-smooth"), true);

  @Test
  void limitsAreThoseOfTheHandbook() {
    assertThat(NEW_BLADE.stroke()).isEqualTo(0.8);
    assertThat(WeedLimits.of(MediaCatalogue.TRADE.get("film-smooth"), false).stroke()).isEqualTo(1);
    assertThat(WeedLimits.of(MediaCatalogue.TRADE.get("film-glitter"), false).stroke())
        .isEqualTo(2);
    assertThat(WeedLimits.of(MediaCatalogue.TRADE.get("film-flock"), false).stroke()).isEqualTo(2);
    assertThat(NEW_BLADE.gap()).isEqualTo(0.8);
    assertThat(NEW_BLADE.bit()).isEqualTo(2);
  }

  /** A stroke of 0.79 is too thin for 0.8, one of 0.80 is not, however it is drawn. */
  static Stream<Arguments> strokes() {
    return Stream.of(
            "M10 10H60", "M10 10L60 37", "M10 10C30 60 60 60 60 10", "M30 50A20 20 0 1 1 70 50")
        .flatMap(d -> Stream.of(arguments(d, 0.79, true), arguments(d, 0.80, false)));
  }

  @ParameterizedTest
  @MethodSource("strokes")
  void strokesAreThinBelowTheLimitOnly(String d, double width, boolean thin) {
    WeedReading read =
        weed("<path fill='none' stroke='#000' stroke-width='%s' d='%s'/>".formatted(width, d));
    assertThat(read.faults().stream().anyMatch(f -> f.kind() == FaultKind.THIN_STROKE))
        .isEqualTo(thin);
    if (thin) {
      assertThat(read.thinnest()).isCloseTo(0.79, within(0.005));
      assertThat(read.cleanFactor()).isCloseTo(0.8 / 0.79, within(0.005));
    } else {
      assertThat(read.cleanFactor()).isEqualTo(1);
    }
  }

  @ParameterizedTest
  @CsvSource({"0.6,true", "1.0,false"})
  void aRingIsThinAllRound(double width, boolean thin) {
    WeedReading read =
        weed(
            "<circle cx='50' cy='50' r='12' fill='none' stroke='#000' stroke-width='%s'/>"
                .formatted(width));
    assertThat(read.clean()).isNotEqualTo(thin);
    assertThat(read.toLift()).isEqualTo(2);
  }

  /** A sound block with a thin neck: only the neck is told, with its width and where it is. */
  @Test
  void aThinNeckIsFoundInASoundPiece() {
    WeedReading read = weed("<path d='M10 10H30V19.75H50V10H70V30H50V20.25H30V30H10Z'/>");
    assertThat(read.faults()).hasSize(1);
    Fault neck = read.faults().get(0);
    assertThat(neck.measured()).isCloseTo(0.5, within(1e-3));
    assertThat(neck.at().y).isCloseTo(10, within(0.01));
    assertThat(neck.bounds().getMinX()).isCloseTo(20, within(0.5));
    assertThat(read.cleanFactor()).isCloseTo(1.6, within(0.01));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "M10 10H40V40H10Z",
        "M10 10H40L10 40Z",
        "M30 10L45 50L15 50Z",
        "M10 10H20L40 60L60 10H70L44 75H36Z",
        "M10 10H70V70H60V30L40 60L20 30V70H10Z"
      })
  void soundShapesAndTheirCornersAreClean(String d) {
    assertThat(weed("<path d='" + d + "'/>").faults()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"0.79,true", "0.80,false"})
  void gapsBetweenPieces(double gap, boolean narrow) {
    WeedReading read =
        weed(
            "<rect x='10' y='10' width='20' height='20'/><rect x='%s' y='25' width='20' height='20'/>"
                .formatted(30 + gap));
    assertThat(read.faults().stream().anyMatch(f -> f.kind() == FaultKind.NARROW_GAP))
        .isEqualTo(narrow);
  }

  /** A slot cut into a block from the side is a gap of the piece with itself. */
  @ParameterizedTest
  @CsvSource({"0.5,true", "0.9,false"})
  void gapsWithinAPiece(double slot, boolean narrow) {
    WeedReading read = weed("<path d='M10 10H40V20H20V%sH40V40H10Z'/>".formatted(20 + slot));
    assertThat(read.clean()).isNotEqualTo(narrow);
    if (narrow) {
      assertThat(read.faults()).hasSize(1);
      assertThat(read.faults().get(0).measured()).isCloseTo(0.5, within(1e-3));
      assertThat(read.cleanFactor()).isCloseTo(1.6, within(0.01));
    }
  }

  @Test
  void bitsAndHolesBelowTwoSquareMillimetres() {
    WeedReading read =
        weed(
            "<path fill-rule='evenodd' d='M10 10H40V40H10ZM20 20h1v1h-1z'/>"
                + "<rect x='50' y='10' width='1.2' height='1.2'/>");
    assertThat(read.faults())
        .extracting(Fault::kind)
        .containsExactlyInAnyOrder(FaultKind.LOST_BIT, FaultKind.MISSED_BIT);
    assertThat(read.cleanFactor()).isCloseTo(Math.sqrt(2), within(1e-3));
    assertThat(read.pieces()).isEqualTo(2);
    assertThat(read.toLift()).isEqualTo(2);
  }

  @Test
  void aSharpTipIsSaidInDegreesAndDoesNotAskForAnotherSize() {
    WeedReading read = weed("<path d='M10 10L70 15L10 20Z'/>");
    assertThat(read.faults()).hasSize(1);
    assertThat(read.faults().get(0).kind()).isEqualTo(FaultKind.SHARP_TIP);
    assertThat(read.faults().get(0).measured())
        .isCloseTo(2 * Math.toDegrees(Math.atan(5.0 / 60)), within(0.01));
    assertThat(read.cleanFactor()).isEqualTo(1);
  }

  @Test
  void theWorstComesFirst() {
    List<Fault> faults =
        Weeding.read(DistressedDesign.of(200, 7), NEW_BLADE, Progress.NONE).faults();
    assertThat(faults)
        .hasSizeGreaterThan(50)
        .isSortedAccordingTo((a, b) -> Double.compare(b.severity(), a.severity()));
  }

  /** Made as large as it says, nothing but tips is left; a little smaller, something is. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void theCleanSizeIsClean(long seed) {
    MultiPolygon design = DistressedDesign.of(60, seed);
    double factor = Weeding.read(design, NEW_BLADE, Progress.NONE).cleanFactor();
    assertThat(factor).isGreaterThan(1);
    assertThat(failing(design, factor * 1.01)).isEmpty();
    assertThat(failing(design, factor * 0.97)).isNotEmpty();
  }

  private static List<Fault> failing(MultiPolygon design, double factor) {
    return Weeding.read(Grid.scaled(design, factor, factor), NEW_BLADE, Progress.NONE)
        .faults()
        .stream()
        .filter(f -> f.kind() != FaultKind.SHARP_TIP)
        .toList();
  }

  @Test
  void itCanBeStopped() {
    MultiPolygon design = DistressedDesign.of(500, 1);
    assertThatThrownBy(() -> Weeding.read(design, NEW_BLADE, (done, of) -> done < 20))
        .isInstanceOf(Progress.StoppedException.class);
  }

  @Test
  void eightThousandIslandsAreReadWithoutFail() {
    WeedReading read = Weeding.read(DistressedDesign.of(8000, 3), NEW_BLADE, Progress.NONE);
    assertThat(read.pieces()).isEqualTo(8000);
    assertThat(read.faults()).hasSizeGreaterThan(2000);
  }

  private static WeedReading weed(String content) {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>%s</svg>"
            .formatted(content);
    Art art =
        Art.of(
            SvgReader.read(svg.getBytes(StandardCharsets.UTF_8)),
            Overlap.SIDE_BY_SIDE,
            colour -> colour);
    return Weeding.read(art.area("#000000"), NEW_BLADE, Progress.NONE);
  }
}
