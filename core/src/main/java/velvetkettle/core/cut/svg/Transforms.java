package velvetkettle.core.cut.svg;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The attribute {@code transform}: a list of functions, the last applied first. */
final class Transforms {
  private static final Pattern FUNCTION = Pattern.compile("([a-zA-Z]+)\\s*\\(([^)]*)\\)");

  private Transforms() {}

  /** What is not understood is left out. */
  static AffineTransform read(@Nullable String text) {
    AffineTransform all = new AffineTransform();
    if (text != null) {
      Matcher functions = FUNCTION.matcher(text);
      while (functions.find()) {
        all.concatenate(one(functions.group(1), numbers(functions.group(2))));
      }
    }
    return all;
  }

  private static List<Double> numbers(String text) {
    Numbers in = new Numbers(text.replace("px", "").replace("deg", ""));
    List<Double> numbers = new ArrayList<>();
    try {
      while (in.hasNumber()) {
        numbers.add(in.number());
      }
    } catch (NumberFormatException e) {
      return List.of();
    }
    return numbers;
  }

  private static AffineTransform one(String name, List<Double> n) {
    if (n.isEmpty()) {
      return new AffineTransform();
    }
    double first = n.get(0);
    double second = n.size() > 1 ? n.get(1) : 0;
    return switch (name) {
      case "matrix" ->
          n.size() < 6
              ? new AffineTransform()
              : new AffineTransform(first, second, n.get(2), n.get(3), n.get(4), n.get(5));
      case "translate" -> AffineTransform.getTranslateInstance(first, second);
      case "translateX" -> AffineTransform.getTranslateInstance(first, 0);
      case "translateY" -> AffineTransform.getTranslateInstance(0, first);
      case "scale" -> AffineTransform.getScaleInstance(first, n.size() > 1 ? second : first);
      case "rotate" ->
          n.size() > 2
              ? AffineTransform.getRotateInstance(Math.toRadians(first), second, n.get(2))
              : AffineTransform.getRotateInstance(Math.toRadians(first));
      case "skewX" -> new AffineTransform(1, 0, Math.tan(Math.toRadians(first)), 1, 0, 0);
      case "skewY" -> new AffineTransform(1, Math.tan(Math.toRadians(first)), 0, 1, 0, 0);
      default -> new AffineTransform();
    };
  }
}
