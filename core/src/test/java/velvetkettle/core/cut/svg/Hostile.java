package velvetkettle.core.cut.svg;

import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Contents of drawings that ask for far more work than their size tells. */
public final class Hostile {
  private Hostile() {}

  /** Groups so deep, and a selector of so many parts that fits each of them but for the last. */
  public static String deepSelectors(int deep, int parts) {
    return "<style>q "
        + "g ".repeat(parts - 1)
        + "rect{fill:red}</style>"
        + "<g>".repeat(deep)
        + "<rect width='9' height='9'/>".repeat(5)
        + "</g>".repeat(deep);
  }

  public static String styleOfMany(int length) {
    return "<style>" + "a,".repeat(length / 2) + "b{fill:red}</style><rect width='9' height='9'/>";
  }

  /** One path of squares within squares. */
  public static String nestedRings(int rings) {
    return path(
        "fill-rule='evenodd'",
        IntStream.range(0, rings)
            .mapToObj(i -> 0.01 * i)
            .map(at -> "M%.2f %.2fH%.2fV%.2fH%.2fZ".formatted(at, at, 900 - at, 900 - at, at)));
  }

  /** Long slanted edges side by side that never cross: every pair may. */
  public static String zigzag(int edges) {
    return path(
        "",
        IntStream.range(0, edges)
            .mapToObj(
                i ->
                    (i == 0 ? "M" : "L")
                        + "%.3f %d".formatted(i * 0.001 + (i % 2) * 300, (i % 2) * 300)));
  }

  /** Two combs across one another, the one clipped by the other. */
  public static String combs(int teeth) {
    return "<clipPath id='c'>"
        + comb(teeth, "M0 0", "v200h.02v-200h.02")
        + "</clipPath><g clip-path='url(#c)'>"
        + comb(teeth, "M0 0", "h200v.02h-200v.02")
        + "</g>";
  }

  private static String comb(int teeth, String start, String tooth) {
    return "<path d='" + start + tooth.repeat(teeth) + "z'/>";
  }

  /** Each clip holds shapes that are clipped by the next one. */
  public static String clipsInClips(int levels, int shapes) {
    return IntStream.range(0, levels)
            .mapToObj(
                i ->
                    "<clipPath id='c"
                        + i
                        + "'>"
                        + ("<rect width='9' height='9' clip-path='url(#c" + (i + 1) + ")'/>")
                            .repeat(shapes)
                        + "</clipPath>")
            .collect(Collectors.joining())
        + "<rect width='9' height='9' clip-path='url(#c0)'/>";
  }

  /** Many lines, each of a thousand dashes. */
  public static String dashes(int dashes) {
    return "<path fill='none' stroke='red' stroke-width='.1' stroke-dasharray='.1' d='M0 0H200'/>"
        .repeat(dashes / 1000);
  }

  public static String longDashList(int shapes) {
    return "<g stroke='red' stroke-dasharray='"
        + "1 ".repeat(1900)
        + "'>"
        + "<path d='M0 0H9'/>".repeat(shapes)
        + "</g>";
  }

  public static String arcs(int arcs) {
    return "<path stroke='red' d='M5 5" + "a1 .5 30 1 1 .3 .1".repeat(arcs) + "'/>";
  }

  /** Squares of two colours, all of them half over their neighbours. */
  public static String siblings(int squares) {
    return IntStream.range(0, squares)
        .mapToObj(
            i ->
                "<rect x='%.2f' y='0' width='9' height='9' fill='%s'/>"
                    .formatted(i * 0.005, i % 2 == 0 ? "red" : "blue"))
        .collect(Collectors.joining());
  }

  /** A path of nothing but space, used again and again. */
  public static String usesOfLongPath(int uses) {
    return "<defs><path id='p' d='M0 0"
        + " ".repeat(200_000)
        + "'/></defs>"
        + "<use href='#p'/>".repeat(uses);
  }

  private static String path(String attributes, java.util.stream.Stream<String> commands) {
    return "<path " + attributes + " d='" + commands.collect(Collectors.joining()) + "'/>";
  }
}
