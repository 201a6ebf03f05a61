package velvetkettle.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word, a number or a sign of a sentence.
 *
 * @param text in lower case
 * @param from index of its first character
 * @param to behind its last
 */
record Word(String text, int from, int to) {
  private static final Pattern WORD =
      Pattern.compile(
          "\\d+(?:[.,]\\d{3})+(?!\\d)|\\d+[.,]\\d+|\\d+|[\\p{L}]+(?:[-'’][\\p{L}]+)*|[½¼¾]|[^\\s\\p{L}\\d]");

  static List<Word> of(String sentence) {
    List<Word> words = new ArrayList<>();
    Matcher matcher = WORD.matcher(sentence);
    while (matcher.find()) {
      words.add(new Word(matcher.group().toLowerCase(Locale.ROOT), matcher.start(), matcher.end()));
    }
    return words;
  }

  boolean isNumber() {
    return text.charAt(0) >= '0' && text.charAt(0) <= '9';
  }

  boolean isWord() {
    return Character.isLetter(text.charAt(0));
  }

  /** As {@code 1,200} or {@code 22,5} or {@code 3.5}. */
  double number() {
    String plain = text.matches("\\d+([.,]\\d{3})+") ? text.replaceAll("[.,]", "") : text;
    return Double.parseDouble(plain.replace(',', '.'));
  }

  /** Whether nothing stands between them. */
  boolean touches(Word next) {
    return to == next.from;
  }
}
