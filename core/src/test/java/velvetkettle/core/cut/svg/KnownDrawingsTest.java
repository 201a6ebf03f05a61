package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * Areas, edges and places that follow from plane geometry; units from CSS Values and Units 3,
 * section 5.2, behaviour from SVG 2.
 */
class KnownDrawingsTest {
  private static final double PI = Math.PI;

  private static final double MM = Lengths.PIXELS_PER_MILLIMETRE;

  /** What is drawn on a page whose unit is the millimetre, the area and the length of its edges. */
  static Stream<Arguments> shapes() {
    return Stream.of(
        arguments("<rect width='40' height='30'/>", 1200, 140),
        arguments("<rect width='40' height='30' rx='5'/>", 1200 - (4 - PI) * 25, 100 + 10 * PI),
        arguments("<rect width='8' height='6' rx='50'/>", PI * 4 * 3, 22.1034922),
        arguments("<circle cx='50' cy='50' r='20'/>", PI * 400, 40 * PI),
        arguments("<ellipse cx='50' cy='50' rx='30' ry='10'/>", PI * 300, 133.648928),
        arguments("<polygon points='0,0 40,0 0,30'/>", 600, 120),
        arguments("<polyline points='0,0 40,0 0,30'/>", 600, 120),
        arguments("<path d='M10 10h40v30h-40z'/>", 1200, 140),
        arguments("<path d='m10,10 40,0 0,30 -40,0'/>", 1200, 140),
        arguments("<path d='M30 50A20 20 0 1 1 70 50A20 20 0 1 1 30 50Z'/>", PI * 400, 40 * PI),
        arguments("<path d='M30 50a20 20 0 01 40 0z'/>", PI * 200, 20 * PI + 40),
        arguments("<path d='M30 50a20 20 0 01 40 0a20 20 0 01-40 0z'/>", PI * 400, 40 * PI),
        arguments("<path d='M30 50a1 1 0 0140 0z'/>", PI * 200, 20 * PI + 40),
        arguments("<path d='M10 10 Q40 70 70 10Z'/>", 2 / 3.0 * 60 * 30, 60 + 88.736558),
        arguments("<path d='M10 10 C10 50 70 50 70 10Z'/>", 3 / 5.0 * 60 * 40, 60 + 95.14946),
        arguments("<path d='M0 50 Q10 70 20 50 T40 50 V10 H0Z'/>", 1600, -1),
        arguments("<path d='M0 20 C0 10 10 10 10 20 S20 30 20 20V0H0Z'/>", 400, -1));
  }

  @ParameterizedTest
  @MethodSource("shapes")
  void areasAndEdgesHoldToATwentiethOfAThousandth(String shape, double area, double edges) {
    MultiPolygon read = one(page(shape));
    assertThat(read.getArea()).isCloseTo(area, Percentage.withPercentage(0.02));
    if (edges > 0) {
      assertThat(read.getLength()).isCloseTo(edges, Percentage.withPercentage(0.02));
    }
  }

  @Test
  void anArcOfTwentyMillimetresHoldsToAHundredth() {
    MultiPolygon read = one(page("<path d='M30 50A20 20 0 0 1 70 50A20 20 0 0 1 30 50'/>"));
    for (Coordinate point : read.getCoordinates()) {
      assertThat(point.distance(new Coordinate(50, 50))).isCloseTo(20, within(0.002));
    }
    Coordinate[] ring = read.getCoordinates();
    for (int i = 1; i < ring.length; i++) {
      double middle =
          new Coordinate((ring[i].x + ring[i - 1].x) / 2, (ring[i].y + ring[i - 1].y) / 2)
              .distance(new Coordinate(50, 50));
      assertThat(middle).isCloseTo(20, within(0.01));
    }
  }

  static Stream<Arguments> units() {
    return Stream.of(
        arguments("width='10mm' height='5mm'", 50),
        arguments("width='1cm' height='.5cm'", 50),
        arguments("width='1in' height='0.5in'", 25.4 * 12.7),
        arguments("width='72pt' height='36pt'", 25.4 * 12.7),
        arguments("width='96' height='48px'", 25.4 * 12.7),
        arguments("width='6pc' height='3pc'", 25.4 * 12.7),
        arguments("width='1e1mm' height='+5mm'", 50));
  }

  @ParameterizedTest
  @MethodSource("units")
  void unitsAreExact(String size, double area) {
    MultiPolygon read =
        one(
            "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='100mm'><rect "
                + size
                + "/></svg>");
    assertThat(read.getArea()).isCloseTo(area, within(1e-3));
  }

  static Stream<Arguments> placed() {
    return Stream.of(
        arguments(
            "<g transform='translate(5,6)'><rect x='1' width='10' height='4'/></g>", 6, 16, 6, 10),
        arguments(
            "<g transform='translate(50 50) rotate(90)'><g transform='scale(2,3)'>"
                + "<rect width='10' height='4'/></g></g>",
            38,
            50,
            50,
            70),
        arguments("<rect width='10' height='4' transform='rotate(90 5 5)'/>", 6, 10, 0, 10),
        arguments(
            "<rect width='10' height='4' transform='matrix(0 1 -1 0 20 30)'/>", 16, 20, 30, 40),
        arguments("<path d='M0 0h10v10H0z' transform='skewX(45)'/>", 0, 20, 0, 10),
        arguments("<path d='M0 0h10v10H0z' transform='skewY(-45) translate(0 10)'/>", 0, 10, 0, 20),
        arguments(
            "<defs><rect id='r' width='10' height='4'/></defs><use href='#r' x='3' y='2'/>",
            3,
            13,
            2,
            6),
        arguments(
            "<symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10'/></symbol>"
                + "<use href='#s' x='10' y='10' width='40' height='20'/>",
            20,
            40,
            10,
            30),
        arguments(
            "<svg x='10' y='10' width='40' height='20' viewBox='0 0 10 10'"
                + " preserveAspectRatio='none'><rect width='10' height='10'/></svg>",
            10,
            50,
            10,
            30),
        arguments(
            "<svg x='10' width='20' height='20'><rect x='-50' width='500' height='5'/></svg>",
            10,
            30,
            0,
            5));
  }

  @ParameterizedTest
  @MethodSource("placed")
  void nestedTransformsArePlacedExactly(
      String shape, double left, double right, double top, double bottom) {
    Envelope read = one(page(shape)).getEnvelopeInternal();
    assertThat(new double[] {read.getMinX(), read.getMaxX(), read.getMinY(), read.getMaxY()})
        .containsExactly(new double[] {left, right, top, bottom}, within(1e-3));
  }

  @Test
  void aViewBoxScalesAndFits() {
    MultiPolygon read =
        one(
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='60mm' viewBox='10 20 24 12'>"
                + "<rect x='10' y='20' width='24' height='12'/></svg>");
    assertThat(read.getEnvelopeInternal().getMinY()).isCloseTo(5, within(1e-3));
    assertThat(read.getArea()).isCloseTo(5000, within(0.01));
  }

  @Test
  void bothFillRulesHold() {
    String twice = "d='M0 0H40V40H0ZM10 10H30V30H10Z'";
    assertThat(one(page("<path " + twice + "/>")).getArea()).isCloseTo(1600, within(1e-6));
    assertThat(one(page("<path fill-rule='evenodd' " + twice + "/>")).getArea())
        .isCloseTo(1200, within(1e-6));
    String backwards = "d='M0 0H40V40H0ZM10 10V30H30V10Z'";
    assertThat(one(page("<path " + backwards + "/>")).getArea()).isCloseTo(1200, within(1e-6));
  }

  /** A five-pointed star in a circle of 50: the pentagon in its middle is wound round twice. */
  @Test
  void aStarThatCrossesItself() {
    StringBuilder points = new StringBuilder();
    for (int i = 0; i < 5; i++) {
      double turn = Math.toRadians(-90 + 144 * i);
      points
          .append(50 + 50 * Math.cos(turn))
          .append(',')
          .append(50 + 50 * Math.sin(turn))
          .append(' ');
    }
    double inner = 50 * Math.cos(Math.toRadians(72)) / Math.cos(Math.toRadians(36));
    double star = 5 * 50 * inner * Math.sin(Math.toRadians(36));
    double pentagon = 2.5 * inner * inner * Math.sin(Math.toRadians(72));
    String shape = "<polygon fill-rule='%s' points='" + points + "'/>";
    assertThat(one(page(shape.formatted("nonzero"))).getArea()).isCloseTo(star, within(0.02));
    assertThat(one(page(shape.formatted("evenodd"))).getArea())
        .isCloseTo(star - pentagon, within(0.02));
  }

  static Stream<Arguments> strokes() {
    return Stream.of(
        arguments("<path stroke-width='2' d='M10 10H60'/>", 100),
        arguments("<path stroke-width='2' stroke-linecap='square' d='M10 10H60'/>", 104),
        arguments("<path stroke-width='2' stroke-linecap='round' d='M10 10H60'/>", 100 + PI),
        arguments("<path stroke-width='2' d='M10 10H60V60'/>", 200),
        arguments("<path stroke-width='2' stroke-linejoin='bevel' d='M10 10H60V60'/>", 199.5),
        arguments(
            "<path stroke-width='2' stroke-linejoin='round' d='M10 10H60V60'/>", 199 + PI / 4),
        arguments(
            "<rect x='10' y='10' width='40' height='30' stroke-width='2'/>", 42 * 32 - 38 * 28),
        arguments("<circle cx='50' cy='50' r='20' stroke-width='2'/>", PI * (21 * 21 - 19 * 19)),
        arguments("<path stroke-width='2' stroke-dasharray='10 5' d='M10 10H60'/>", 70),
        arguments("<path stroke-width='2' stroke-dasharray='10' d='M10 10H60'/>", 60),
        arguments(
            "<path stroke-width='2' stroke-dasharray='10 5' stroke-dashoffset='10' d='M10 10H60'/>",
            60),
        arguments("<path stroke-width='2' transform='scale(3)' d='M10 10H20'/>", 180),
        arguments("<path stroke-width='2' transform='scale(3,1)' d='M10 10H20'/>", 60),
        arguments(
            "<path stroke-width='2' vector-effect='non-scaling-stroke' transform='scale(3)' d='M10 10H20'/>",
            60),
        arguments("<path stroke-width='2' stroke-miterlimit='1' d='M10 10H60V60'/>", 199.5));
  }

  @ParameterizedTest
  @MethodSource("strokes")
  void strokesCoverWhatTheirPenCovers(String shape, double area) {
    MultiPolygon read = one(page("<g fill='none' stroke='#000'>" + shape + "</g>"));
    double factor = shape.contains("non-scaling") ? 1 / MM : 1;
    assertThat(read.getArea()).isCloseTo(area * factor, Percentage.withPercentage(0.02));
  }

  @Test
  void clipsLeaveWhatTheyShow() {
    String circle = "<clipPath id='c'><circle cx='20' cy='20' r='20'/></clipPath>";
    assertThat(one(page(circle + "<rect width='40' height='40' clip-path='url(#c)'/>")).getArea())
        .isCloseTo(PI * 400, Percentage.withPercentage(0.02));
    String half =
        "<clipPath id='c' clipPathUnits='objectBoundingBox'><rect width='.5' height='1'/></clipPath>";
    assertThat(
            one(page(half + "<g clip-path='url(#c)'><rect x='10' width='40' height='40'/></g>"))
                .getArea())
        .isCloseTo(800, within(1e-3));
  }

  @Test
  void coloursComeFromSheetsClassesAttributesAndStyle() {
    String drawing =
        page(
            "<style>/* of the club */ .a{fill:navy} g .b, #x { fill : rgb(255,128,0) } @media print{.a{fill:red}}"
                + " rect.c{fill:hsl(120,100%,25%)}</style>"
                + "<rect class='a' fill='red' width='1' height='1'/>"
                + "<g><rect class='b' width='1' height='1'/></g><rect class='b' width='1' height='1'/>"
                + "<rect id='x' width='1' height='1'/><rect class='c' width='1' height='1'/>"
                + "<rect class='a' style='fill:#abc' width='1' height='1'/>"
                + "<g color='teal'><rect fill='currentColor' width='1' height='1'/></g>"
                + "<rect fill='none' width='1' height='1'/><rect opacity='0' width='1' height='1'/>"
                + "<rect display='none' width='1' height='1'/><rect visibility='hidden' width='1' height='1'/>");
    assertThat(read(drawing).shapes())
        .extracting(PaintedShape::colour)
        .containsExactly(
            "#000080", "#ff8000", "#000000", "#ff8000", "#008000", "#aabbcc", "#008080");
  }

  @Test
  void aChoiceTakesTheFirstThatCanBeDrawn() {
    String choice =
        "<switch><foreignObject requiredExtensions='http://example.org/own' width='1' height='1'/>"
            + "<g><rect width='20' height='10'/></g><g><rect width='50' height='50'/></g></switch>";
    assertThat(one(page(choice)).getArea()).isCloseTo(200, within(1e-3));
  }

  @Test
  void aPageWithoutASizeCutsNothingOff() {
    for (String size : new String[] {"", "width='100%' height='100%'", "width='20mm'"}) {
      String drawing =
          "<svg xmlns='http://www.w3.org/2000/svg' %s><rect width='96cm' height='1cm'/></svg>"
              .formatted(size);
      assertThat(one(drawing).getArea()).isCloseTo(9600, within(1e-2));
    }
  }

  @Test
  void whatIsLeftOutIsNamed() {
    String drawing =
        page(
            "<defs><linearGradient id='g'/><filter id='f'/></defs>"
                + "<text x='1'>Kranhafen <tspan>1898</tspan></text><image href='http://example.org/x.png'/>"
                + "<rect id='sky' fill='url(#g)' width='1' height='1'/>"
                + "<rect id='soft' filter='url(#f)' width='1' height='1'/><script>alert(1)</script>"
                + "<use href='http://example.org/a.svg#b'/><path id='odd' d='M0 0H10V10L5 NaN'/>");
    assertThat(read(drawing).skipped())
        .extracting(said -> said.key() + said.arguments())
        .containsExactly(
            "svg.skipped.text[Kranhafen 1898]",
            "svg.skipped.image[]",
            "svg.skipped.gradient[sky]",
            "svg.skipped.filter[soft]",
            "svg.skipped.script[]",
            "svg.skipped.elsewhere[use]",
            "svg.skipped.broken[odd, 14]");
    assertThat(read(drawing).shapes()).hasSize(2);
  }

  private static String page(String content) {
    return "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
        + content
        + "</svg>";
  }

  private static SvgDrawing read(String svg) {
    return SvgReader.read(svg.getBytes(StandardCharsets.UTF_8));
  }

  private static MultiPolygon one(String svg) {
    List<PaintedShape> shapes = read(svg).shapes();
    assertThat(shapes).hasSize(1);
    return shapes.get(0).area();
  }
}
