package velvetkettle.core.cut.svg;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is said of how an element is drawn: by itself, or by those round it. */
final class Style {
  static final Style INITIAL = new Style(Map.of());

  /** What is said in more signs is no style; it would be read again at every element inside. */
  private static final int LONGEST = 4000;

  private static final Set<String> INHERITED =
      Set.of(
          "fill",
          "fill-rule",
          "fill-opacity",
          "stroke",
          "stroke-width",
          "stroke-linecap",
          "stroke-linejoin",
          "stroke-miterlimit",
          "stroke-dasharray",
          "stroke-dashoffset",
          "stroke-opacity",
          "clip-rule",
          "color",
          "font-size",
          "text-anchor",
          "letter-spacing",
          "dominant-baseline",
          "visibility",
          "marker-start",
          "marker-mid",
          "marker-end",
          "marker");

  private static final Set<String> OWN =
      Set.of("display", "opacity", "clip-path", "mask", "filter", "vector-effect", "transform");

  private final Map<String, String> says;

  private Style(Map<String, String> says) {
    this.says = says;
  }

  /** Attributes first, then the rules of the sheets, then the element's own style. */
  Style of(SvgElement element, StyleSheet sheet) {
    Map<String, String> now = new HashMap<>();
    says.forEach(
        (key, value) -> {
          if (INHERITED.contains(key)) {
            now.put(key, value);
          }
        });
    element.attributes().forEach((key, value) -> say(now, key, value));
    sheet.of(element).forEach((key, value) -> say(now, key, value));
    StyleSheet.declarations(element.attribute("style"))
        .forEach((key, value) -> say(now, key, value));
    return new Style(now);
  }

  private void say(Map<String, String> now, String key, String value) {
    if (key.equals("font") && value.length() <= LONGEST) {
      String size = FontSize.in(value);
      if (size != null) {
        say(now, "font-size", size);
      }
    } else if ((INHERITED.contains(key) || OWN.contains(key)) && value.length() <= LONGEST) {
      if (value.strip().equals("inherit")) {
        String before = says.get(key);
        if (before != null) {
          now.put(key, before);
        }
      } else if (key.equals("font-size")) {
        // A size may be told by that outside: it is reckoned once, where it is said.
        now.put(key, Double.toString(FontSize.of(value, fontSize())));
      } else {
        now.put(key, value.strip());
      }
    }
  }

  @Nullable String get(String key) {
    return says.get(key);
  }

  String get(String key, String otherwise) {
    return says.getOrDefault(key, otherwise);
  }

  double number(String key, double otherwise) {
    return Lengths.read(says.get(key), 1, otherwise);
  }

  /** How large text is, px. */
  double fontSize() {
    return number("font-size", FontSize.USUAL);
  }

  /** Whether it is seen at all, with what lies in it. */
  boolean displayed() {
    return !get("display", "").equals("none") && number("opacity", 1) > 0;
  }

  boolean visible() {
    return get("visibility", "visible").equals("visible");
  }

  /** What it names in {@code url(#id)}; null where it names nothing. */
  @Nullable String reference(String key) {
    String value = says.get(key);
    if (value == null || !value.startsWith("url(")) {
      return null;
    }
    String inner = value.substring(4, Math.max(4, value.indexOf(')'))).replaceAll("[\"'\\s]", "");
    return inner.startsWith("#") ? inner.substring(1) : "";
  }
}
