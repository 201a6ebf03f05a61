package velvetkettle.core.intake;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** How many there are to be: the number that stands before the garment, or behind it alone. */
final class Pieces {
  private static final Pattern PIECES =
      Pattern.compile(
          "\\b(?:qty|quantity|pieces|pcs)\\s*[:.]?\\s*(\\d[\\d,]*)|(\\d[\\d,]*)\\s*(?:pcs|pieces|pc)\\b");

  private final Text text;
  private final List<Word> words;
  private final Map<Field, Said<?>> fields;

  Pieces(Text text, Map<Field, Said<?>> fields) {
    this.text = text;
    words = text.words();
    this.fields = fields;
  }

  /**
   * @param kind the word that names the garment; -1 where none does
   */
  void read(int kind) {
    Said<?> bySize = fields.get(Field.PIECES);
    if (bySize == null) {
      if (!said(kind, true)) {
        behind(kind);
      }
    } else if (said(kind, false)
        && requireNonNull(fields.get(Field.PIECES)).value().equals(bySize.value())) {
      fields.put(Field.PIECES, bySize);
    }
  }

  /** Whether a number is said of them; sure, unless sizes tell another. */
  private boolean said(int kind, boolean sure) {
    Matcher said = text.find(PIECES);
    if (said.find()) {
      String number = (said.group(1) != null ? said.group(1) : said.group(2)).replace(",", "");
      if (number.length() <= 6) {
        count(Integer.parseInt(number), said.start(), said.end(), sure);
        return true;
      }
    }
    for (int at = 0; at < words.size(); at++) {
      Integer n = pieces(at, kind);
      if (n != null) {
        Word word = words.get(at);
        count(n, word.from(), word.to(), sure);
        return true;
      }
    }
    return false;
  }

  /** A number with the garment behind it, with no other number between them; null for another. */
  private @Nullable Integer pieces(int at, int kind) {
    Integer n = number(at);
    if (n == null || n == 0 || text.is(at, "a")) {
      return null;
    }
    for (int i = at + 1; i < Math.min(words.size(), at + 7); i++) {
      boolean noun =
          i == kind || Lexicon.TRADE.at(words, i, "kind").filter(Lexicon.Hit::exact).isPresent();
      if (noun || kind < 0 && (text.is(i, "of") || text.is(i, "pieces"))) {
        Integer times =
            text.is(at, "dozen") && at > 0 ? Counts.number(words.get(at - 1).text()) : null;
        return times == null ? n : Integer.valueOf(n * times);
      }
      if (number(i) != null && !text.is(i, "a") && !text.is(i, "dozen")) {
        return null;
      }
      if (text.is(i, "dozen")) {
        return null;
      }
    }
    return null;
  }

  /** "hoodies x 15", "polo, white, 40". */
  private void behind(int kind) {
    for (int at = Math.max(1, kind); kind >= 0 && at < words.size(); at++) {
      Integer n = number(at);
      if (n != null && n > 0 && text.is(at - 1, "x")) {
        count(n, words.get(at).from(), words.get(at).to(), true);
        return;
      }
    }
    for (int at = Math.max(1, kind); kind >= 0 && at < words.size(); at++) {
      Integer n = number(at);
      boolean end = at == words.size() - 1 || !words.get(at + 1).isWord();
      if (n != null && n > 0 && end && !text.is(at, "a")) {
        Word word = words.get(at);
        count(n, word.from(), word.to(), false);
        return;
      }
    }
  }

  /** A whole number that was not read as something else; null where there is none. */
  private @Nullable Integer number(int at) {
    Word word = words.get(at);
    boolean joined =
        at + 1 < words.size()
            && word.touches(words.get(at + 1))
            && words.get(at + 1).isWord()
            && !text.is(at + 1, "x");
    boolean share = text.is(at + 1, "%") || text.is(at + 1, "/") || text.is(at - 1, "/");
    if (joined || share || !text.isFree(word)) {
      return null;
    }
    if (word.isNumber()) {
      double value = word.number();
      return value == Math.rint(value) && value < 1_000_000 ? Integer.valueOf((int) value) : null;
    }
    return Counts.number(word.text());
  }

  private void count(int pieces, int from, int to, boolean sure) {
    fields.put(Field.PIECES, new Said<>(pieces, from, to, sure));
  }
}
