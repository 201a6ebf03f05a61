package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The rules of a drawing's {@code style} elements: selectors of names, classes and ids, one within
 * another, by specificity and then by order. Rules for a condition ({@code @media} and the like)
 * are left out.
 */
final class StyleSheet {
  private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/");
  private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)\\}");
  private static final Pattern CONDITION =
      Pattern.compile("@[^{};]*(;|\\{(?:[^{}]*\\{[^{}]*\\})*[^{}]*\\})");
  private static final Pattern PART = Pattern.compile("([.#]?)([\\w\\-\\u00a0-\\uffff]+|\\*)");
  private static final int MOST_RULES = 5000;

  private final List<Rule> rules = new ArrayList<>();

  /** Parts from the outermost to the element itself. */
  private record Rule(List<String> selector, int specificity, Map<String, String> says) {}

  StyleSheet(SvgElement root) {
    collect(root);
    rules.sort(Comparator.comparingInt(Rule::specificity));
  }

  private void collect(SvgElement element) {
    if (element.name().equals("style")) {
      read(element.text().toString());
    }
    element.children().forEach(this::collect);
  }

  private void read(String css) {
    String plain = CONDITION.matcher(COMMENT.matcher(css).replaceAll(" ")).replaceAll(" ");
    Matcher found = RULE.matcher(plain);
    while (found.find()) {
      Map<String, String> says = declarations(found.group(2));
      for (String selector : found.group(1).split(",")) {
        List<String> parts = List.of(selector.strip().split("[\\s>]+"));
        rules.add(new Rule(parts, specificity(parts), says));
      }
      if (rules.size() > MOST_RULES) {
        throw UnreadableDrawingException.of("svg.too-many-rules", MOST_RULES);
      }
    }
  }

  /** What a list of declarations says; a later one wins. */
  static Map<String, String> declarations(@Nullable String text) {
    Map<String, String> says = new LinkedHashMap<>();
    if (text == null) {
      return says;
    }
    for (String declaration : COMMENT.matcher(text).replaceAll(" ").split(";")) {
      int colon = declaration.indexOf(':');
      if (colon > 0) {
        String value = declaration.substring(colon + 1).replace("!important", "").strip();
        says.put(declaration.substring(0, colon).strip().toLowerCase(Locale.ROOT), value);
      }
    }
    return says;
  }

  private static int specificity(List<String> selector) {
    int sum = 0;
    for (String compound : selector) {
      Matcher parts = PART.matcher(compound);
      while (parts.find()) {
        sum +=
            switch (parts.group(1)) {
              case "#" -> 10_000;
              case "." -> 100;
              default -> parts.group(2).equals("*") ? 0 : 1;
            };
      }
    }
    return sum;
  }

  /** What the rules say of an element, the strongest last. */
  Map<String, String> of(SvgElement element) {
    Map<String, String> says = new LinkedHashMap<>();
    for (Rule rule : rules) {
      if (matches(rule.selector, rule.selector.size() - 1, element)) {
        says.putAll(rule.says);
      }
    }
    return says;
  }

  private static boolean matches(List<String> selector, int part, SvgElement element) {
    if (!compound(selector.get(part), element)) {
      return false;
    }
    if (part == 0) {
      return true;
    }
    for (SvgElement outer = element.parent(); outer != null; outer = outer.parent()) {
      if (matches(selector, part - 1, outer)) {
        return true;
      }
    }
    return false;
  }

  private static boolean compound(String text, SvgElement element) {
    Matcher parts = PART.matcher(text);
    int end = 0;
    while (parts.find()) {
      if (parts.start() != end || !one(parts.group(1), parts.group(2), element)) {
        return false;
      }
      end = parts.end();
    }
    return end == text.length() && end > 0;
  }

  private static boolean one(String mark, String name, SvgElement element) {
    return switch (mark) {
      case "#" -> name.equals(element.attribute("id"));
      case "." -> List.of(element.attribute("class", "").split("\\s+")).contains(name);
      default -> name.equals("*") || name.equals(element.name());
    };
  }
}
