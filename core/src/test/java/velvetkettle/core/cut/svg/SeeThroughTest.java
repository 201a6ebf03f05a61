package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.quantity.Sentence;

/** Coats that one sees through, by hand and beside a picture that is painted place by place. */
class SeeThroughTest {
  private static byte[] file(String content) {
    return ("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm'"
            + " viewBox='0 0 100 100'>"
            + content
            + "</svg>")
        .getBytes(StandardCharsets.UTF_8);
  }

  /** What is seen of each colour, mm². */
  private static Map<String, Double> seen(String content) {
    Map<String, Double> seen = new TreeMap<>();
    Art.of(SvgReader.read(file(content)), Overlap.SIDE_BY_SIDE, colour -> colour)
        .layers()
        .forEach(layer -> seen.put(layer.colour(), layer.area().getArea()));
    return seen;
  }

  private static void assertSeen(String content, Map<String, Double> expected) {
    Map<String, Double> seen = seen(content);
    assertThat(seen.keySet()).isEqualTo(expected.keySet());
    expected.forEach((colour, area) -> assertThat(seen.get(colour)).isCloseTo(area, within(0.01)));
  }

  private static final String RED = "<rect width='40' height='40' fill='#ff0000'/>";

  @Test
  @DisplayName("half a blue over red is purple, and beside it over white a pale blue")
  void overWhatLiesBelow() {
    String blue = "<rect x='20' width='40' height='40' fill='#0000ff' %s/>";
    Map<String, Double> expected = Map.of("#ff0000", 800.0, "#800080", 800.0, "#8080ff", 800.0);
    assertSeen(RED + blue.formatted("opacity='.5'"), expected);
    assertSeen(RED + blue.formatted("fill-opacity='50%'"), expected);
    assertSeen(RED + blue.formatted("style='opacity:0.5'"), expected);
    assertSeen(RED + "<g opacity='.5'>" + blue.formatted("") + "</g>", expected);
    assertSeen(RED + "<rect x='20' width='40' height='40' fill='rgba(0,0,255,.5)'/>", expected);
  }

  @Test
  @DisplayName("a group is laid over as one: what is hidden in it does not come through")
  void groupsAsOne() {
    String two =
        "<rect width='40' height='40' fill='#000000'/>"
            + "<rect width='40' height='40' fill='#ffffff' %s/>";
    assertSeen(RED + "<g opacity='.5'>" + two.formatted("") + "</g>", Map.of("#ff8080", 1600.0));
    assertSeen(
        RED + two.formatted("opacity='.5'").replaceFirst("/>", " opacity='.5'/>"),
        Map.of("#bf8080", 1600.0));
  }

  @Test
  @DisplayName("what covers a see-through coat is seen as it is, and clear ones are nothing")
  void covered() {
    assertSeen(
        "<rect width='40' height='40' fill='#00ff00' opacity='.3'/>" + RED,
        Map.of("#ff0000", 1600.0));
    assertSeen(
        RED + "<rect width='40' height='40' fill='#00ff00' fill-opacity='0'/>",
        Map.of("#ff0000", 1600.0));
  }

  @Test
  @DisplayName("a shape that is drawn and filled is see-through as one")
  void fillAndStroke() {
    assertSeen(
        "<rect x='10' y='10' width='40' height='40' fill='#0000ff' stroke='#ff0000'"
            + " stroke-width='4' opacity='.5'/>",
        Map.of("#8080ff", 36.0 * 36, "#ff8080", 44.0 * 44 - 36 * 36));
  }

  @Test
  @DisplayName("shading that fades to nothing shades half as much on the whole, not wholly")
  void fadingGradient() {
    assertSeen(
        RED
            + "<linearGradient id='g'><stop stop-opacity='.4'/><stop offset='1' stop-opacity='0'/>"
            + "</linearGradient><rect width='40' height='40' fill='url(#g)'/>",
        Map.of("#cc0000", 1600.0));
  }

  @Test
  void itIsSaidOnce() {
    SvgDrawing read =
        SvgReader.read(
            file(RED + "<rect id='haze' width='9' height='9' fill='#123' opacity='.5'/>"));
    assertThat(read.skipped()).containsExactly(Sentence.of("svg.see-through", "haze"));
    assertThat(SvgReader.read(file(RED)).skipped()).isEmpty();
  }

  private static String mask(String content) {
    return "<mask id='m'>" + content + "</mask><g id='seal' mask='url(#m)'>" + RED + "</g>";
  }

  @Test
  @DisplayName("a mask shows where it is light, and hides where it is dark or is not")
  void masks() {
    assertSeen(
        mask(
            "<rect width='30' height='30' fill='#fff'/><rect width='10' height='10' fill='#000'/>"),
        Map.of("#ff0000", 800.0));
    assertSeen(mask("<g opacity='.2'><rect width='30' height='30' fill='#fff'/></g>"), Map.of());
    assertSeen(
        "<mask id='m' maskUnits='userSpaceOnUse' x='0' y='0' width='10' height='100'>"
            + "<rect width='100' height='100' fill='#fff'/></mask>"
            + "<g mask='url(#m)' transform='translate(5 0)'>"
            + RED
            + "</g>",
        Map.of("#ff0000", 400.0));
  }

  @Test
  void aMaskThatFadesIsSaid() {
    SvgDrawing soft = SvgReader.read(file(mask("<rect width='30' height='30' fill='#bbb'/>")));
    assertThat(soft.skipped()).containsExactly(Sentence.of("svg.soft-mask", "seal"));
    assertThat(soft.shapes().get(0).area().getArea()).isCloseTo(900, within(0.01));
    SvgDrawing parts =
        SvgReader.read(
            file(
                "<mask id='m' maskContentUnits='objectBoundingBox'><rect width='1' height='1'"
                    + " fill='#fff'/></mask><g id='seal' mask='url(#m)'>"
                    + RED
                    + "</g>"));
    assertThat(parts.skipped()).containsExactly(Sentence.of("svg.skipped.mask", "seal"));
    assertThat(parts.shapes()).hasSize(1);
  }

  @Test
  @DisplayName("a mask that is elsewhere is told, and what a mask is drawn with is not")
  void whatIsToldOfMasks() {
    SvgDrawing elsewhere =
        SvgReader.read(file("<g id='seal' mask='url(other.svg#m)'>" + RED + "</g>"));
    assertThat(elsewhere.skipped()).containsExactly(Sentence.of("svg.skipped.mask", "seal"));
    assertThat(elsewhere.shapes()).hasSize(1);
    SvgDrawing haze =
        SvgReader.read(file(mask("<rect width='30' height='30' fill='#fff' opacity='.995'/>")));
    assertThat(haze.skipped()).isEmpty();
  }

  @Test
  void aMaskThatIsMaskedByItselfIsRefused() {
    String round =
        "<mask id='m'><rect width='9' height='9' fill='#fff' mask='url(#m)'/></mask>"
            + "<rect width='9' height='9' mask='url(#m)'/>";
    assertThatThrownBy(() -> SvgReader.read(file(round)))
        .isInstanceOf(UnreadableDrawingException.class);
  }

  @Test
  @DisplayName("hundreds of veils over one another are read or refused, and soon")
  void manyVeils() {
    StringBuilder veils = new StringBuilder();
    for (int i = 0; i < 400; i++) {
      veils.append(
          "<g opacity='.9'><circle cx='%d' cy='%d' r='40' fill='#%06x'/>"
              .formatted(30 + i % 20 * 2, 30 + i / 20 * 2, i * 41_000));
    }
    veils.append("</g>".repeat(400));
    long began = System.nanoTime();
    try {
      SvgReader.read(file(veils.toString()));
    } catch (UnreadableDrawingException e) {
      assertThat(e.sentence().key()).startsWith("svg.too-");
    }
    // Not a measure of speed: without a budget it would take hours.
    assertThat((System.nanoTime() - began) / 1e9).isLessThan(120);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  @DisplayName("groups in groups have the colours of a picture that is painted place by place")
  void besideAPicture(long seed) {
    Group all = new Group(1, new ArrayList<>());
    fill(all, new Random(seed), 3);
    Map<String, Double> painted = new TreeMap<>();
    for (int x = 0; x < 100; x++) {
      for (int y = 0; y < 100; y++) {
        float[] place = all.at(x, y);
        if (place[3] > 0) {
          painted.merge(onWhite(place), 1.0, Double::sum);
        }
      }
    }
    Map<String, Double> seen = seen(all.written());
    assertThat(seen.size()).isGreaterThan(5);
    double off = 0;
    for (String colour : painted.keySet()) {
      off += Math.abs(painted.get(colour) - seen.getOrDefault(colour, 0.0));
    }
    // Floating point tips a colour by one of 255 here and there.
    double covered = painted.values().stream().mapToDouble(each -> each).sum();
    assertThat(off).isLessThan(0.02 * covered);
    assertThat(seen.values().stream().mapToDouble(each -> each).sum())
        .isCloseTo(covered, within(0.1));
  }

  private static String onWhite(float[] place) {
    int[] c = new int[3];
    for (int i = 0; i < 3; i++) {
      c[i] = Math.round(255 * (place[i] + 1 - place[3]));
    }
    return String.format(Locale.ROOT, "#%02x%02x%02x", c[0], c[1], c[2]);
  }

  /** What is painted, place by place. */
  private interface Painted {
    /** Red, green and blue times the opacity, and the opacity. */
    float[] at(int x, int y);

    String written();
  }

  private record Square(int x, int y, int width, int height, int colour, double opacity)
      implements Painted {
    @Override
    public float[] at(int atX, int atY) {
      boolean in = atX >= x && atX < x + width && atY >= y && atY < y + height;
      float a = in ? (float) opacity : 0;
      return new float[] {
        a * (colour >> 16) / 255, a * (colour >> 8 & 255) / 255, a * (colour & 255) / 255, a
      };
    }

    @Override
    public String written() {
      return String.format(
          Locale.ROOT,
          "<rect x='%d' y='%d' width='%d' height='%d' fill='#%06x' fill-opacity='%.2f'/>",
          x,
          y,
          width,
          height,
          colour,
          opacity);
    }
  }

  private record Group(double opacity, List<Painted> parts) implements Painted {
    @Override
    public float[] at(int x, int y) {
      float[] all = new float[4];
      for (Painted part : parts) {
        float[] above = part.at(x, y);
        for (int i = 0; i < 4; i++) {
          all[i] = above[i] + all[i] * (1 - above[3]);
        }
      }
      for (int i = 0; i < 4; i++) {
        all[i] *= (float) opacity;
      }
      return all;
    }

    @Override
    public String written() {
      StringBuilder text =
          new StringBuilder(String.format(Locale.ROOT, "<g opacity='%.2f'>", opacity));
      parts.forEach(part -> text.append(part.written()));
      return text.append("</g>").toString();
    }
  }

  private static void fill(Group group, Random random, int deep) {
    for (int i = 0; i < 3; i++) {
      if (deep > 0 && random.nextInt(3) > 0) {
        Group inner = new Group((30 + random.nextInt(70)) / 100.0, new ArrayList<>());
        fill(inner, random, deep - 1);
        group.parts.add(inner);
      }
      group.parts.add(
          new Square(
              5 + random.nextInt(40),
              5 + random.nextInt(40),
              10 + random.nextInt(45),
              10 + random.nextInt(45),
              random.nextInt(1 << 24),
              random.nextInt(3) == 0 ? 1 : (20 + random.nextInt(70)) / 100.0));
    }
  }
}
