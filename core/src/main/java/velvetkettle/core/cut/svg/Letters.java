package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The letters of a text with where each is told to be, their spaces taken together as SVG 1.1,
 * section 10.15, does it by default.
 *
 * @param isWhole whether nothing of it was left out: what runs along a path is, and what is more
 *     than anybody cuts
 */
record Letters(List<Letter> all, boolean isWhole) {
  /** Nobody cuts more letters of one text. */
  static final int MOST = 1000;

  private static final Set<String> PARTS = Set.of("tspan", "a");

  /**
   * @param x where it is told to be; NaN where it follows the one before it
   * @param dx how far it is moved on
   * @param apart how far the next one is moved on
   */
  record Letter(String sign, Style style, double x, double y, double dx, double dy, double apart) {
    boolean begins() {
      return !Double.isNaN(x) || !Double.isNaN(y);
    }

    boolean follows(Letter before) {
      return style == before.style && !begins() && dx == 0 && dy == 0 && before.apart == 0;
    }
  }

  static Letters of(SvgElement text, Style style, StyleSheet sheet, Viewport in) {
    Reading reading = new Reading(sheet, in);
    reading.part(text, style);
    List<Letter> all = reading.letters;
    if (!all.isEmpty() && all.get(all.size() - 1).sign().equals(" ")) {
      all.remove(all.size() - 1);
    }
    return new Letters(List.copyOf(all), reading.whole);
  }

  /** An element of the text, and how many of its letters were read. */
  private static final class Part {
    private final SvgElement element;
    private final double em;
    private int letters;

    Part(SvgElement element, double em) {
      this.element = element;
      this.em = em;
    }

    /** What a list of places says of the letter that is next; NaN where it says nothing. */
    double told(String key, double whole) {
      String list = element.attribute(key);
      if (list == null || list.length() > Lengths.LONGEST * MOST) {
        return Double.NaN;
      }
      String[] each = list.strip().split("[\\s,]+", letters + 2);
      return letters < each.length
          ? Lengths.read(each[letters], whole, Double.NaN, em)
          : Double.NaN;
    }
  }

  private static final class Reading {
    private final StyleSheet sheet;
    private final Viewport in;
    private final List<Part> parts = new ArrayList<>();
    private final List<Letter> letters = new ArrayList<>();
    private boolean whole = true;

    Reading(StyleSheet sheet, Viewport in) {
      this.sheet = sheet;
      this.in = in;
    }

    void part(SvgElement element, Style style) {
      parts.add(new Part(element, style.fontSize()));
      for (SvgElement child : element.children()) {
        if (child.name().equals(SvgElement.SIGNS)) {
          signs(child.text().toString(), style);
        } else if (PARTS.contains(child.name())) {
          Style inside = style.of(child, sheet);
          if (inside.displayed()) {
            part(child, inside);
          }
        } else if (child.name().equals("textPath")) {
          whole = false;
        }
      }
      parts.remove(parts.size() - 1);
    }

    private void signs(String text, Style style) {
      for (int at = 0; at < text.length(); at += Character.charCount(text.codePointAt(at))) {
        int sign = text.codePointAt(at);
        boolean space = Character.isWhitespace(sign);
        boolean again = letters.isEmpty() || letters.get(letters.size() - 1).sign().equals(" ");
        if (space && again) {
          continue;
        }
        if (letters.size() >= MOST) {
          whole = false;
          return;
        }
        letters.add(letter(space ? " " : Character.toString(sign), style));
      }
    }

    private Letter letter(String sign, Style style) {
      Letter letter =
          new Letter(
              sign,
              style,
              told("x", in.width(), Double.NaN),
              told("y", in.height(), Double.NaN),
              told("dx", in.width(), 0),
              told("dy", in.height(), 0),
              Lengths.read(style.get("letter-spacing"), 0, 0, style.fontSize()));
      parts.forEach(part -> part.letters++);
      return letter;
    }

    /** The innermost part that says it goes. */
    private double told(String key, double all, double otherwise) {
      for (int i = parts.size() - 1; i >= 0; i--) {
        double told = parts.get(i).told(key, all);
        if (!Double.isNaN(told)) {
          return told;
        }
      }
      return otherwise;
    }
  }
}
