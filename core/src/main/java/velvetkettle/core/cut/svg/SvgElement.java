package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An element of an SVG file.
 *
 * @param text what is written between its tags, without that of its children
 */
record SvgElement(
    String name,
    Map<String, String> attributes,
    @Nullable SvgElement parent,
    List<SvgElement> children,
    StringBuilder text) {
  SvgElement(String name, Map<String, String> attributes, @Nullable SvgElement parent) {
    this(name, attributes, parent, new ArrayList<>(), new StringBuilder());
  }

  @Nullable String attribute(String key) {
    return attributes.get(key);
  }

  String attribute(String key, String otherwise) {
    return attributes.getOrDefault(key, otherwise);
  }

  /** What it points at within the same file; null where it points elsewhere or nowhere. */
  @Nullable String href() {
    String target = attributes.get("href");
    return target != null && target.startsWith("#") ? target.substring(1) : null;
  }

  /** All its text, that of its children too, with single spaces. */
  String words() {
    StringBuilder all = new StringBuilder(text);
    children.forEach(child -> all.append(' ').append(child.words()));
    return all.toString().replaceAll("\\s+", " ").strip();
  }
}
