package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * An element of an SVG file.
 *
 * @param text what is written between its tags, without that of its children; in a text it is in
 *     children of its own, so that it keeps its place among the others
 */
record SvgElement(
    String name,
    Map<String, String> attributes,
    @Nullable SvgElement parent,
    List<SvgElement> children,
    StringBuilder text) {
  /** Nobody is told more of a text than its first words. */
  private static final int ENOUGH = 200;

  /** The name of what stands for signs between the parts of a text. */
  static final String SIGNS = "#signs";

  SvgElement(String name, Map<String, String> attributes, @Nullable SvgElement parent) {
    this(name, attributes, parent, new ArrayList<>(), new StringBuilder());
  }

  @Nullable String attribute(String key) {
    return attributes.get(key);
  }

  String attribute(String key, String otherwise) {
    return attributes.getOrDefault(key, otherwise);
  }

  /** The words of its class. */
  Set<String> classes() {
    String words = attributes.get("class");
    return words == null ? Set.of() : new HashSet<>(List.of(words.strip().split("\\s+")));
  }

  /** What it points at within the same file; null where it points elsewhere or nowhere. */
  @Nullable String href() {
    String target = attributes.get("href");
    return target != null && target.startsWith("#") ? target.substring(1) : null;
  }

  /** How its text begins, that of its children too, with single spaces. */
  String words() {
    StringBuilder all = new StringBuilder();
    begin(all);
    return all.toString().replaceAll("\\s+", " ").strip();
  }

  private void begin(StringBuilder all) {
    all.append(' ').append(text, 0, Math.min(text.length(), ENOUGH));
    for (SvgElement child : children) {
      if (all.length() < ENOUGH) {
        child.begin(all);
      }
    }
  }
}
