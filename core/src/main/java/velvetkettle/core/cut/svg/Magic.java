package velvetkettle.core.cut.svg;

import java.nio.charset.StandardCharsets;
import java.util.Map;

/** Tells by its first bytes what a file is that only bears the name of an SVG. */
final class Magic {
  private static final Map<String, String> OTHERS =
      Map.of(
          "\u0089PNG",
          "PNG",
          "\u00ff\u00d8\u00ff",
          "JPEG",
          "GIF8",
          "GIF",
          "%PDF",
          "PDF",
          "RIFF",
          "WebP",
          "PK\u0003\u0004",
          "ZIP");

  private Magic() {}

  static void check(byte[] file) {
    String start = new String(file, 0, Math.min(file.length, 64), StandardCharsets.ISO_8859_1);
    if (start.startsWith("\u001f\u008b")) {
      throw UnreadableDrawingException.of("svg.compressed");
    }
    String head = start.stripLeading();
    if (head.isEmpty()) {
      throw UnreadableDrawingException.of("svg.empty");
    }
    OTHERS.forEach(
        (first, name) -> {
          if (head.startsWith(first)) {
            throw UnreadableDrawingException.of("svg.other-file", name);
          }
        });
  }
}
