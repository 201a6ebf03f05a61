package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.shape.WorkBudget;

/**
 * A selector of names, classes and ids, one within another or directly in it [Selectors 3, section
 * 8].
 *
 * @param runs parts that lie directly in one another, from the innermost run out; in each the
 *     innermost part first
 */
record Selector(List<List<Compound>> runs) {
  /** Longer than any that is written by hand. */
  private static final int MOST_PARTS = 50;

  /**
   * What one element has to be.
   *
   * @param name of the element; null where any will do
   */
  record Compound(@Nullable String name, List<String> ids, Set<String> classes) {
    boolean fits(SvgElement element) {
      return (name == null || name.equals(element.name()))
          && (ids.isEmpty() || ids.stream().allMatch(id -> id.equals(element.attribute("id"))))
          && (classes.isEmpty() || element.classes().containsAll(classes));
    }
  }

  /** Null where it asks for what is not looked at: states, attributes, neighbours. */
  static @Nullable Selector read(String text) {
    CssScanner in = new CssScanner(text);
    List<List<Compound>> outward = new ArrayList<>();
    List<Compound> run = new ArrayList<>();
    int parts = 0;
    boolean directly = false;
    in.skipSpace();
    while (!in.ended()) {
      Compound part = compound(in);
      if (part == null || ++parts > MOST_PARTS) {
        return null;
      }
      if (!directly && !run.isEmpty()) {
        outward.add(0, run);
        run = new ArrayList<>();
      }
      run.add(0, part);
      in.skipSpace();
      directly = !in.ended() && in.skip('>');
      in.skipSpace();
    }
    if (run.isEmpty() || directly) {
      return null;
    }
    outward.add(0, run);
    return new Selector(List.copyOf(outward));
  }

  private static @Nullable Compound compound(CssScanner in) {
    String name = in.name();
    boolean any = name.isEmpty() && in.skip('*');
    List<String> ids = new ArrayList<>();
    List<String> classes = new ArrayList<>();
    while (!in.ended() && (in.at('.') || in.at('#'))) {
      List<String> kind = in.at('.') ? classes : ids;
      in.skip(in.at('.') ? '.' : '#');
      String word = in.name();
      if (word.isEmpty()) {
        return null;
      }
      kind.add(word);
    }
    boolean nothing = name.isEmpty() && !any && ids.isEmpty() && classes.isEmpty();
    boolean more = !in.ended() && !in.atSpace() && !in.at('>');
    return nothing || more
        ? null
        : new Compound(name.isEmpty() ? null : name, ids, Set.copyOf(classes));
  }

  /** What the element itself has to be. */
  Compound innermost() {
    return runs.get(0).get(0);
  }

  /** Ids before classes before names [Selectors 3, section 9]. */
  int specificity() {
    int sum = 0;
    for (List<Compound> run : runs) {
      for (Compound part : run) {
        sum += 10_000 * part.ids.size() + 100 * part.classes.size() + (part.name == null ? 0 : 1);
      }
    }
    return sum;
  }

  /**
   * Whether it means an element. From the inside out: each run is taken where it fits first, which
   * leaves the most elements outside for the others, so that nothing is tried twice.
   */
  boolean means(SvgElement element, WorkBudget budget) {
    if (!fits(runs.get(0), element, budget)) {
      return false;
    }
    SvgElement at = outside(runs.get(0), element);
    for (int i = 1; i < runs.size(); i++) {
      while (at != null && !fits(runs.get(i), at, budget)) {
        at = at.parent();
      }
      if (at == null) {
        return false;
      }
      at = outside(runs.get(i), at);
    }
    return true;
  }

  private static boolean fits(List<Compound> run, SvgElement element, WorkBudget budget) {
    SvgElement at = element;
    for (Compound part : run) {
      budget.spend(1);
      if (at == null || !part.fits(at)) {
        return false;
      }
      at = at.parent();
    }
    return true;
  }

  private static @Nullable SvgElement outside(List<Compound> run, SvgElement innermost) {
    SvgElement at = innermost;
    for (int i = 0; i < run.size() && at != null; i++) {
      at = at.parent();
    }
    return at;
  }
}
