package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.shape.WorkBudget;

/** Files made to take the machine's time, memory or secrets: each ends in a sentence, soon. */
class HostileDrawingsTest {
  /** About five seconds on an idle machine; without a work budget it would be hours. */
  private static final Duration SOON = Duration.ofSeconds(120);

  /** A twentieth of what a drawing may have, so that this is told quickly. */
  private static WorkBudget small() {
    return new WorkBudget(20_000_000, 400_000, Progress.NONE);
  }

  static Stream<Arguments> refused() {
    return Stream.of(
        arguments("svg.empty", "  \n "),
        arguments("svg.other-file", "\u0089PNG\r\n\u001a\n"),
        arguments("svg.other-file", "%PDF-1.7"),
        arguments("svg.compressed", "\u001f\u008b\u0008"),
        arguments("svg.not-svg", "<html><body/></html>"),
        arguments("svg.broken", "<svg xmlns='http://www.w3.org/2000/svg'><rect"),
        arguments("svg.broken", "just words"),
        arguments(
            "svg.entity",
            "<!DOCTYPE svg [<!ENTITY a 'ha'><!ENTITY b '&a;&a;&a;'>]><svg xmlns='http://www.w3.org/2000/svg'>"
                + "<text>&b;</text></svg>"),
        arguments(
            "svg.entity",
            "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg'>"
                + "<text>&x;</text></svg>"),
        arguments("svg.too-deep", svg("<g>".repeat(10_000) + "</g>".repeat(10_000))),
        arguments("svg.too-many", svg("<g/>".repeat(100_001))),
        arguments("svg.too-far", svg("<rect width='1e9' height='1'/>")),
        arguments("svg.too-far", svg("<path d='M0 0L1e300 5L0 9'/>")),
        arguments("svg.too-far", svg("<path d='M0 0H9V9z' stroke='red' stroke-width='1e20'/>")),
        arguments("svg.too-far", svg("<rect width='9' height='9' transform='scale(1e200)'/>")),
        arguments(
            "svg.circle", svg("<g id='a'><use href='#b'/></g><g id='b'><use href='#a'/></g>")),
        arguments("svg.circle", svg("<g id='a'><use href='#a'/></g>")),
        arguments("svg.too-many-shapes", svg(doubling(40))),
        arguments("svg.too-tangled", svg(star(4001, 2000))),
        arguments("svg.too-tangled", svg(star(151, 75).repeat(40))),
        arguments(
            "svg.too-fine",
            svg(
                "<path fill='none' stroke='red' stroke-width='.01' stroke-dasharray='.01' d='M0 0H70000'/>")),
        arguments("svg.too-much", svg(Hostile.nestedRings(12_000))),
        arguments("svg.too-much", svg(Hostile.zigzag(60_000))),
        arguments("svg.too-much", svg(Hostile.combs(800))),
        arguments("svg.too-much", svg(Hostile.clipsInClips(12, 10))),
        arguments("svg.too-many-rules", svg(Hostile.styleOfMany(200_000))),
        arguments("svg.too-fine", svg(Hostile.dashes(100_000))),
        arguments(
            "svg.circle",
            svg(
                "<clipPath id='c' clip-path='url(#c)'><rect width='9' height='9'/></clipPath>"
                    + "<rect width='9' height='9' clip-path='url(#c)'/>")));
  }

  @ParameterizedTest
  @MethodSource("refused")
  void areRefusedWithASentence(String key, String file) {
    UnreadableDrawingException refused =
        Assertions.assertTimeoutPreemptively(
            SOON,
            () ->
                catchThrowableOfType(
                    UnreadableDrawingException.class,
                    () -> SvgReader.read(file.getBytes(StandardCharsets.ISO_8859_1), small())));
    assertThat(refused).isNotNull();
    assertThat(refused.sentence().key()).isEqualTo(key);
  }

  @Test
  void aClipMayReachFartherThanAnythingIsDrawn() {
    String wide =
        "<clipPath id='c'><rect x='-1e8' y='0' width='2e8' height='5'/></clipPath>"
            + "<rect width='9' height='9' clip-path='url(#c)'/>";
    MultiPolygon seen =
        SvgReader.read(svg(wide).getBytes(StandardCharsets.UTF_8)).shapes().get(0).area();
    assertThat(seen.getEnvelopeInternal().getWidth() / seen.getEnvelopeInternal().getHeight())
        .isCloseTo(9 / 5.0, within(1e-3));
  }

  @Test
  void aFileOfSixtyMegabytesIsNotEvenLookedAt() {
    assertThat(
            catchThrowableOfType(
                    UnreadableDrawingException.class, () -> SvgReader.read(new byte[60_000_000]))
                .sentence()
                .key())
        .isEqualTo("svg.too-large");
  }

  static Stream<String> harmless() {
    return Stream.of(
        "<path d=''/>",
        "<path d='M5 5'/>",
        "<path d='M5 5Z' stroke='red'/>",
        "<path d='M0 0H10'/>",
        "<path d='M0 0H10H0Z'/>",
        "<path d='L5 5'/>",
        "<path d='M NaN NaN L Infinity 5'/>",
        "<path d='M0 0A5 5 0 2 0 9 9'/>",
        "<rect width='-5' height='5'/>",
        "<rect width='NaN' height='5'/>",
        "<circle r='0'/>",
        "<polygon points='1,1 2,2 3'/>",
        "<g transform='scale(0)'><rect width='9' height='9' stroke='red'/></g>",
        "<g transform='matrix(1 2)'/>",
        "<style>{}}}{ @import url(http://example.org/x.css); .a{</style>",
        "<use href='#nowhere'/>",
        "<rect width='9' height='9' fill='url(#none)' stroke='wolf'/>",
        "<path stroke='red' stroke-dasharray='0 0' fill='none' d='M0 0H9' stroke-width='0'/>");
  }

  @ParameterizedTest
  @MethodSource("harmless")
  void whatHasNoAreaPaintsNothingAndStopsNothing(String content) {
    SvgDrawing drawing =
        SvgReader.read(
            svg(content + "<rect width='10' height='10'/>").getBytes(StandardCharsets.UTF_8));
    double area = drawing.shapes().get(drawing.shapes().size() - 1).area().getArea();
    assertThat(area).isGreaterThan(6.9);
  }

  static Stream<Arguments> costly() {
    return Stream.of(
        arguments("selectors", Hostile.deepSelectors(60, 14)),
        arguments("at rules", "<style>" + "@{".repeat(100_000) + "</style>"),
        arguments("comments", "<style>" + "/*".repeat(100_000) + "</style>"),
        arguments("braces", "<style>" + "a{".repeat(100_000) + "</style>"),
        arguments("letters", "<g transform='" + "a".repeat(500_000) + "'/>"),
        arguments("digits", "<rect width='" + "1".repeat(500_000) + "!' height='1'/>"),
        arguments("arcs", Hostile.arcs(20_000)),
        arguments("siblings", Hostile.siblings(49_000)),
        arguments("uses", Hostile.usesOfLongPath(20_000)),
        arguments("dash lists", Hostile.longDashList(20_000)));
  }

  /** Whether they are taken or refused: they end, and not as something nobody thought of. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("costly")
  void endSoon(String name, String content) {
    byte[] file = svg(content).getBytes(StandardCharsets.ISO_8859_1);
    Throwable thrown =
        Assertions.assertTimeoutPreemptively(
            SOON,
            () ->
                catchThrowable(
                    () ->
                        Art.of(
                            SvgReader.read(file, small()),
                            Overlap.SIDE_BY_SIDE,
                            colour -> colour,
                            small())));
    assertThat(thrown)
        .satisfiesAnyOf(
            none -> assertThat(none).isNull(),
            refused -> assertThat(refused).isInstanceOf(UnreadableDrawingException.class));
  }

  @Test
  void readingIsEndedByWhoAskedForIt() {
    byte[] file = svg(Hostile.siblings(40_000)).getBytes(StandardCharsets.ISO_8859_1);
    WorkBudget budget = WorkBudget.ofDrawing((done, of) -> done < 1000);
    assertThat(catchThrowable(() -> SvgReader.read(file, budget)))
        .isInstanceOf(Progress.StoppedException.class);
  }

  private static String svg(String content) {
    return "<svg xmlns='http://www.w3.org/2000/svg'>" + content + "</svg>";
  }

  /** A star that crosses itself at every one of its edges. */
  private static String star(int corners, int step) {
    StringBuilder points = new StringBuilder();
    for (int i = 0; i < corners; i++) {
      double turn = 2 * Math.PI * i * step / corners;
      points.append("%.4f,%.4f ".formatted(150 + 100 * Math.cos(turn), 75 + 70 * Math.sin(turn)));
    }
    return "<polygon points='" + points + "'/>";
  }

  /** Each group uses the one before twice: a file of a few lines with a million million shapes. */
  private static String doubling(int times) {
    StringBuilder all = new StringBuilder("<g id='g0'><rect width='1' height='1'/></g>");
    for (int i = 1; i <= Math.min(times, 28); i++) {
      all.append("<g id='g%d'><use href='#g%d'/><use href='#g%d'/></g>".formatted(i, i - 1, i - 1));
    }
    return all.toString();
  }
}
