package velvetkettle.core.cut.svg;

/** Reads numbers, flags and letters one after the other from a list in an attribute. */
final class Numbers {
  private final String text;
  private int at;

  Numbers(String text) {
    this.text = text;
  }

  /** Where it stands, counted from 1. */
  int position() {
    return at + 1;
  }

  /** What is not read yet. */
  String rest() {
    return text.substring(at);
  }

  boolean ended() {
    skipSpace();
    return at >= text.length();
  }

  char peek() {
    return text.charAt(at);
  }

  char letter() {
    return text.charAt(at++);
  }

  boolean hasNumber() {
    skipSpace();
    return at < text.length() && "+-.0123456789".indexOf(text.charAt(at)) >= 0;
  }

  /**
   * @throws NumberFormatException where none stands there, or none that is finite
   */
  double number() {
    skipSpace();
    int start = at;
    sign();
    digits();
    if (at < text.length() && text.charAt(at) == '.') {
      at++;
      digits();
    }
    if (at < text.length() && (text.charAt(at) | 32) == 'e' && exponentFollows()) {
      at++;
      sign();
      digits();
    }
    double number = Double.parseDouble(text.substring(start, at));
    if (!Double.isFinite(number)) {
      throw new NumberFormatException("a number beyond all bounds");
    }
    return number;
  }

  /** A 0 or 1 that needs no space behind it. */
  boolean flag() {
    skipSpace();
    if (at < text.length() && (text.charAt(at) == '0' || text.charAt(at) == '1')) {
      return text.charAt(at++) == '1';
    }
    throw new NumberFormatException("a flag is 0 or 1");
  }

  private boolean exponentFollows() {
    int next = at + 1;
    if (next < text.length() && "+-".indexOf(text.charAt(next)) >= 0) {
      next++;
    }
    return next < text.length() && Character.isDigit(text.charAt(next));
  }

  private void sign() {
    if (at < text.length() && "+-".indexOf(text.charAt(at)) >= 0) {
      at++;
    }
  }

  private void digits() {
    while (at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
      at++;
    }
  }

  private void skipSpace() {
    while (at < text.length() && " \t\r\n\f,".indexOf(text.charAt(at)) >= 0) {
      at++;
    }
  }
}
