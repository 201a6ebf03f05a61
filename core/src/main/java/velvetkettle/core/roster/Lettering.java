package velvetkettle.core.roster;

import java.text.BreakIterator;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import velvetkettle.core.quantity.Sentence;

/** Letters as a hand lays them: from the centre outward, a letter with its accent being one. */
public final class Lettering {
  private Lettering() {}

  static List<String> letters(String text) {
    String whole = Normalizer.normalize(text, Normalizer.Form.NFC);
    BreakIterator breaks = BreakIterator.getCharacterInstance(Locale.ROOT);
    breaks.setText(whole);
    List<String> letters = new ArrayList<>();
    int from = breaks.first();
    for (int to = breaks.next(); to != BreakIterator.DONE; from = to, to = breaks.next()) {
      letters.add(whole.substring(from, to));
    }
    return letters;
  }

  /**
   * Where a word's centre is: on its middle letter, or between two. Spaces within it count, because
   * they take room. Empty for fewer than two letters.
   */
  public static Optional<Sentence> centre(String word) {
    List<String> letters = letters(word.strip());
    int count = letters.size();
    if (count < 2) {
      return Optional.empty();
    }
    int middle = count / 2;
    if (count % 2 == 0) {
      return Optional.of(
          Sentence.of(
              "lettering.even", count, said(letters.get(middle - 1)), said(letters.get(middle))));
    }
    return Optional.of(Sentence.of("lettering.odd", count, said(letters.get(middle)), middle + 1));
  }

  private static String said(String letter) {
    return letter.isBlank() ? "␣" : letter;
  }
}
