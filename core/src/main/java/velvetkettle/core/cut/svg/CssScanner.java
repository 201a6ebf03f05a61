package velvetkettle.core.cut.svg;

/** Reads a style sheet sign by sign, each once: what comes in may be anything. */
final class CssScanner {
  private final String text;
  private int at;

  CssScanner(String text) {
    this.text = text;
  }

  boolean ended() {
    return at >= text.length();
  }

  boolean at(char sign) {
    return !ended() && text.charAt(at) == sign;
  }

  boolean atSpace() {
    return !ended() && Character.isWhitespace(text.charAt(at));
  }

  /** Passes over a sign where it stands here. */
  boolean skip(char sign) {
    boolean there = at(sign);
    at += there ? 1 : 0;
    return there;
  }

  void skipSpace() {
    while (atSpace()) {
      at++;
    }
  }

  /** The name that stands here; empty where none does. */
  String name() {
    int from = at;
    while (!ended() && isOfName(text.charAt(at))) {
      at++;
    }
    return text.substring(from, at);
  }

  private static boolean isOfName(char sign) {
    return sign == '-'
        || sign == '_'
        || sign >= '\u00a0'
        || (sign < 128 && Character.isLetterOrDigit(sign));
  }

  /** What stands before the first of some signs, or all that is left; it stands there then. */
  String until(String signs) {
    int from = at;
    while (!ended() && signs.indexOf(text.charAt(at)) < 0) {
      at++;
    }
    return text.substring(from, at);
  }

  /** Passes over a rule for a condition: to its semicolon, or over all its braces. */
  void skipCondition() {
    until(";{");
    if (skip(';')) {
      return;
    }
    int depth = 0;
    while (!ended()) {
      depth += at('{') ? 1 : at('}') ? -1 : 0;
      at++;
      if (depth == 0) {
        return;
      }
    }
  }

  /** Without its comments, each a space; one that does not end takes the rest with it. */
  static String withoutComments(String css) {
    int from = css.indexOf("/*");
    if (from < 0) {
      return css;
    }
    StringBuilder plain = new StringBuilder(css.length());
    int at = 0;
    while (from >= 0) {
      plain.append(css, at, from).append(' ');
      int end = css.indexOf("*/", from + 2);
      at = end < 0 ? css.length() : end + 2;
      from = css.indexOf("/*", at);
    }
    return plain.append(css, at, css.length()).toString();
  }
}
