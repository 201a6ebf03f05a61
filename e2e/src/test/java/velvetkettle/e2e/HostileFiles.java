package velvetkettle.e2e;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Files that are none, and drawings that ask for far more work than their size tells. */
final class HostileFiles {
  private HostileFiles() {}

  record Named(String name, byte[] bytes) {
    static Named of(String name, String text) {
      return new Named(name, text.getBytes(StandardCharsets.UTF_8));
    }
  }

  static Named any(Random random, String path) {
    if (random.nextInt(4) == 0) {
      return rubbish(random);
    }
    return path.contains("/art") ? drawing(random.nextInt(DRAWINGS)) : table(random);
  }

  private static Named rubbish(Random random) {
    byte[] bytes = new byte[random.nextInt(20_000)];
    random.nextBytes(bytes);
    return switch (random.nextInt(4)) {
      case 0 -> new Named("an empty file", new byte[0]);
      case 1 -> new Named("a zip", "PK\u0003\u0004zip".getBytes(StandardCharsets.ISO_8859_1));
      case 2 -> new Named("half of UTF-16", ("\ufeff" + "ü,").getBytes(StandardCharsets.UTF_16));
      default -> new Named("noise", bytes);
    };
  }

  private static Named table(Random random) {
    return switch (random.nextInt(7)) {
      case 0 -> Named.of("quotes that do not end", "due,pieces\n\"" + "a\n".repeat(20_000));
      case 1 -> Named.of("one line", "a,".repeat(300_000));
      case 2 ->
          Named.of(
              "many lines",
              "due,pieces,garment,art,width,height\n" + "1,2,3,4,5,6\n".repeat(40_000));
      case 3 -> Named.of("NUL", "due,pieces\u0000\n\u0000,\u0000");
      case 4 -> Named.of("JSON within JSON", "{\"format\":" + "[".repeat(50_000));
      case 5 ->
          Named.of(
              "a ticket that is none",
              "{\"format\":\"velvet-kettle-ticket\",\"version\":1,\"ticket\":null}");
      default ->
          Named.of("numbers", "second,celsius\n" + "0,NaN\n1e999,20\n-5,1e308\n".repeat(500));
    };
  }

  static final int DRAWINGS = 14;

  /** The first of them, of each kind one. */
  static final int USUAL = 7;

  /** The drawings, by their number. */
  static Named drawing(int number) {
    return switch (number) {
      case 0 ->
          svg(
              "selectors 60 deep with 14 parts",
              "<style>q "
                  + "g ".repeat(13)
                  + "rect{fill:red}</style>"
                  + "<g>".repeat(60)
                  + "<rect width='9' height='9'/>"
                  + "</g>".repeat(60));
      case 1 ->
          svg(
              "200 kB of selectors",
              "<style>" + "a,".repeat(100_000) + "b{fill:red}</style><rect width='9' height='9'/>");
      case 2 ->
          svg(
              "200 kB of braces",
              "<style>" + "@{".repeat(100_000) + "</style><rect width='9' height='9'/>");
      case 3 ->
          svg(
              "100,000 dashes",
              "<path fill='none' stroke='red' stroke-width='.1' stroke-dasharray='.1' d='M0 0H200'/>"
                  .repeat(100));
      case 4 ->
          svg(
              "250 kB of nested rings",
              path(
                  IntStream.range(0, 9000)
                      .mapToObj(
                          i -> "M%d %dH%dV%dH%dZ".formatted(i, i, 20_000 - i, 20_000 - i, i))));
      case 5 ->
          svg(
              "580 kB of tiny arcs",
              "<path stroke='red' d='M5 5" + "a1 .5 30 1 1 .3 .1".repeat(30_000) + "'/>");
      case 6 ->
          svg(
              "50,000 siblings",
              IntStream.range(0, 50_000)
                  .mapToObj(
                      i ->
                          "<rect x='%d' width='9' height='9' fill='#%06x'/>"
                              .formatted(i % 97, i * 7))
                  .collect(Collectors.joining()));
      case 7 ->
          svg(
              "slanted edges side by side",
              path(
                  IntStream.range(0, 40_000)
                      .mapToObj(
                          i ->
                              (i == 0 ? "M" : "L")
                                  + "%.3f %d"
                                      .formatted(i * 0.001 + (i % 2) * 300, (i % 2) * 300))));
      case 8 -> svg("two combs", comb());
      case 9 ->
          svg(
              "clips in clips",
              IntStream.range(0, 12)
                      .mapToObj(
                          i ->
                              "<clipPath id='c"
                                  + i
                                  + "'>"
                                  + ("<rect width='9' height='9' clip-path='url(#c"
                                          + (i + 1)
                                          + ")'/>")
                                      .repeat(9)
                                  + "</clipPath>")
                      .collect(Collectors.joining())
                  + "<rect width='9' height='9' clip-path='url(#c0)'/>");
      case 10 ->
          svg(
              "letters without end",
              "<g transform='" + "a".repeat(1_000_000) + "'/><rect width='9' height='9'/>");
      case 11 ->
          svg(
              "a path of space, used again and again",
              "<defs><path id='p' d='M0 0"
                  + " ".repeat(200_000)
                  + "'/></defs>"
                  + "<use href='#p'/>".repeat(30_000));
      case 12 ->
          svg(
              "one entity within another",
              "</svg><!DOCTYPE svg [<!ENTITY a 'ha'><!ENTITY b '&a;&a;'>]><svg><text>&b;</text>");
      default -> svg("groups 50,000 deep", "<g>".repeat(50_000));
    };
  }

  private static Named svg(String name, String content) {
    return Named.of(
        name,
        "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 20000 20000'>"
            + content
            + "</svg>");
  }

  private static String path(java.util.stream.Stream<String> commands) {
    return "<path fill-rule='evenodd' d='" + commands.collect(Collectors.joining()) + "'/>";
  }

  private static String comb() {
    return "<clipPath id='c'><path d='M0 0"
        + "v9000h2v-9000h2".repeat(4000)
        + "z'/></clipPath>"
        + "<path clip-path='url(#c)' d='M0 0"
        + "h9000v2h-9000v2".repeat(4000)
        + "z'/>";
  }
}
