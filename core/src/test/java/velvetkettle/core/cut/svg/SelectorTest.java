package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cut.shape.WorkBudget;

/** Selectors, beside a literal reading of what they say: every way to take each part is tried. */
class SelectorTest {
  private static final String[] NAMES = {"g", "a", "path"};
  private static final String[] CLASSES = {"x", "y"};

  @Test
  @DisplayName("from the inside out, without trying twice, it means what every way together means")
  void meansWhatTheLiteralReadingMeans() {
    Random random = new Random(20261129);
    int meant = 0;
    for (int i = 0; i < 20_000; i++) {
      String selector = selector(random);
      SvgElement element = branch(random, 1 + random.nextInt(8));
      boolean ours = read(selector).means(element, WorkBudget.endless());
      assertThat(ours)
          .as("%s on %s", selector, told(element))
          .isEqualTo(literally(selector.split("(?<=[ >])|(?=[ >])"), element));
      meant += ours ? 1 : 0;
    }
    assertThat(meant).isBetween(2_000, 18_000);
  }

  @ParameterizedTest
  @CsvSource({"g,1", "*,0", ".x,100", "#i,10000", "g.x > a #i,10102"})
  void specificity(String selector, int is) {
    assertThat(read(selector).specificity()).isEqualTo(is);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "a:hover", "[fill]", "a + b", "a ~ b", "> a", "a >", ".", "#", "a..b"})
  void whatIsNotLookedAtMeansNothing(String selector) {
    assertThat(Selector.read(selector)).isNull();
  }

  private static Selector read(String text) {
    Selector selector = Selector.read(text);
    assertThat(selector).as(text).isNotNull();
    return java.util.Objects.requireNonNull(selector);
  }

  private static String selector(Random random) {
    StringBuilder text = new StringBuilder(part(random));
    for (int parts = random.nextInt(4); parts > 0; parts--) {
      text.append(random.nextBoolean() ? " " : ">").append(part(random));
    }
    return text.toString();
  }

  private static String part(Random random) {
    return switch (random.nextInt(5)) {
      case 0 -> "*";
      case 1 -> "." + CLASSES[random.nextInt(2)];
      case 2 -> NAMES[random.nextInt(3)] + "." + CLASSES[random.nextInt(2)];
      default -> NAMES[random.nextInt(3)];
    };
  }

  private static SvgElement branch(Random random, int depth) {
    SvgElement at = null;
    for (int i = 0; i < depth; i++) {
      String name = NAMES[random.nextInt(3)];
      Map<String, String> attributes =
          random.nextBoolean() ? Map.of("class", CLASSES[random.nextInt(2)]) : Map.of();
      at = new SvgElement(name, attributes, at);
    }
    return java.util.Objects.requireNonNull(at);
  }

  private static List<String> told(SvgElement element) {
    List<String> told = new ArrayList<>();
    for (SvgElement at = element; at != null; at = at.parent()) {
      told.add(at.name() + at.attributes());
    }
    return told;
  }

  /** Parts and what stands between them, from the outside in. */
  private static boolean literally(String[] tokens, SvgElement element) {
    return literally(tokens, tokens.length - 1, element);
  }

  private static boolean literally(String[] tokens, int last, @Nullable SvgElement element) {
    if (element == null || !fits(tokens[last], element)) {
      return false;
    }
    if (last == 0) {
      return true;
    }
    boolean directly = tokens[last - 1].equals(">");
    for (SvgElement at = element.parent(); at != null; at = at.parent()) {
      if (literally(tokens, last - 2, at)) {
        return true;
      }
      if (directly) {
        return false;
      }
    }
    return false;
  }

  private static boolean fits(String part, SvgElement element) {
    int dot = part.indexOf('.');
    String name = dot < 0 ? part : part.substring(0, dot);
    boolean named = name.isEmpty() || name.equals("*") || name.equals(element.name());
    return named && (dot < 0 || part.substring(dot + 1).equals(element.attribute("class")));
  }
}
