package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.shape.WorkBudget;

/**
 * The rules of a drawing's {@code style} elements, by specificity and then by order. Rules for a
 * condition ({@code @media} and the like) are left out. A rule is looked for by what its innermost
 * part names, so that an element is held against few of them.
 */
final class StyleSheet {
  private static final int MOST_RULES = 5000;
  private static final String ANY = "*";

  private final WorkBudget budget;
  private final Map<String, List<Rule>> byInnermost = new HashMap<>();
  private int rules;

  private record Rule(Selector selector, int specificity, int number, Map<String, String> says) {}

  StyleSheet(SvgElement root, WorkBudget budget) {
    this.budget = budget;
    collect(root);
  }

  private void collect(SvgElement element) {
    if (element.name().equals("style")) {
      read(element.text().toString());
    }
    element.children().forEach(this::collect);
  }

  private void read(String css) {
    budget.spend(css.length());
    CssScanner in = new CssScanner(CssScanner.withoutComments(css));
    in.skipSpace();
    while (!in.ended()) {
      if (in.at('@')) {
        in.skipCondition();
      } else if (!in.skip('}')) {
        String selectors = in.until("{}");
        if (in.skip('{')) {
          String said = in.until("{}");
          // A brace within a rule belongs to none that is known here: what is said there is left.
          if (in.skip('}')) {
            add(selectors, declarations(said));
          }
          in.skip('{');
        }
      }
      in.skipSpace();
    }
  }

  private void add(String selectors, Map<String, String> says) {
    for (String text : selectors.split(",")) {
      if (++rules > MOST_RULES) {
        throw UnreadableDrawingException.of("svg.too-many-rules", MOST_RULES);
      }
      Selector selector = Selector.read(text);
      if (selector != null) {
        byInnermost
            .computeIfAbsent(innermost(selector), key -> new ArrayList<>())
            .add(new Rule(selector, selector.specificity(), rules, says));
      }
    }
  }

  private static String innermost(Selector selector) {
    Selector.Compound part = selector.innermost();
    if (!part.ids().isEmpty()) {
      return "#" + part.ids().get(0);
    }
    if (!part.classes().isEmpty()) {
      return "." + part.classes().iterator().next();
    }
    String name = part.name();
    return name == null ? ANY : name;
  }

  /** What a list of declarations says; a later one wins. */
  static Map<String, String> declarations(@Nullable String text) {
    Map<String, String> says = new LinkedHashMap<>();
    if (text == null) {
      return says;
    }
    for (String declaration : CssScanner.withoutComments(text).split(";")) {
      int colon = declaration.indexOf(':');
      if (colon > 0) {
        String value = declaration.substring(colon + 1).replace("!important", "").strip();
        says.put(declaration.substring(0, colon).strip().toLowerCase(Locale.ROOT), value);
      }
    }
    return says;
  }

  /** What the rules say of an element, the strongest last. */
  Map<String, String> of(SvgElement element) {
    Map<String, String> says = new LinkedHashMap<>();
    if (rules == 0) {
      return says;
    }
    List<Rule> meant = new ArrayList<>();
    look(ANY, element, meant);
    look(element.name(), element, meant);
    element.classes().forEach(one -> look("." + one, element, meant));
    String id = element.attribute("id");
    if (id != null) {
      look("#" + id, element, meant);
    }
    meant.sort(Comparator.comparingInt(Rule::specificity).thenComparingInt(Rule::number));
    for (Rule rule : meant) {
      budget.spend(rule.says.size());
      says.putAll(rule.says);
    }
    return says;
  }

  private void look(String innermost, SvgElement element, List<Rule> meant) {
    for (Rule rule : byInnermost.getOrDefault(innermost, List.of())) {
      if (rule.selector.means(element, budget)) {
        meant.add(rule);
      }
    }
  }
}
