package velvetkettle.core.cut.svg;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The attribute {@code transform}: a list of functions, the last applied first. */
final class Transforms {
  private Transforms() {}

  /** What is not understood is left out. */
  static AffineTransform read(@Nullable String text) {
    AffineTransform all = new AffineTransform();
    if (text == null) {
      return all;
    }
    int end = -1;
    for (int open = text.indexOf('('); open >= 0; open = text.indexOf('(', end)) {
      String name = lastWord(text, end + 1, open);
      end = text.indexOf(')', open);
      if (end < 0) {
        break;
      }
      all.concatenate(one(name, numbers(text.substring(open + 1, end))));
    }
    return all;
  }

  /** The letters that end before a bracket, with or without space between. */
  private static String lastWord(String text, int from, int open) {
    int end = open;
    while (end > from && Character.isWhitespace(text.charAt(end - 1))) {
      end--;
    }
    int start = end;
    while (start > from && Character.isLetter(text.charAt(start - 1))) {
      start--;
    }
    return text.substring(start, end);
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
