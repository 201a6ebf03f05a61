package velvetkettle.core.intake;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence whose characters are taken one stretch after the other by what was read in them. */
final class Text {
  private final String plain;
  private final List<Word> words;
  private final BitSet taken = new BitSet();

  Text(String sentence) {
    plain = sentence;
    words = Word.of(sentence);
  }

  /** Letter by letter, so that it is as long as what was said. */
  String lower() {
    StringBuilder lower = new StringBuilder(plain);
    for (int i = 0; i < plain.length(); i++) {
      lower.setCharAt(i, Character.toLowerCase(plain.charAt(i)));
    }
    return lower.toString();
  }

  String plain() {
    return plain;
  }

  List<Word> words() {
    return words;
  }

  Matcher find(Pattern pattern) {
    return pattern.matcher(lower());
  }

  boolean isFree(int from, int to) {
    int next = taken.nextSetBit(from);
    return next < 0 || next >= to;
  }

  boolean isFree(Word word) {
    return isFree(word.from(), word.to());
  }

  void take(int from, int to) {
    taken.set(from, to);
  }

  /** Whether that word stands there; false beyond the sentence. */
  boolean is(int at, String word) {
    return at >= 0 && at < words.size() && words.get(at).text().equals(word);
  }

  /** What the trade calls so at a word that was not read yet. */
  Optional<Lexicon.Hit> at(int at, String what) {
    return at < words.size() && isFree(words.get(at))
        ? Lexicon.TRADE.at(words, at, what)
        : Optional.empty();
  }

  /** The same, but for what is misspelt. */
  Optional<Lexicon.Hit> exactlyAt(int at, String what) {
    return at(at, what).filter(Lexicon.Hit::exact);
  }
}
