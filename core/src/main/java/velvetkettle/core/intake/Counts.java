package velvetkettle.core.intake;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Numbers as words. */
final class Counts {
  private static final Map<String, Integer> WORDS =
      Map.ofEntries(
          Map.entry("a", 1),
          Map.entry("one", 1),
          Map.entry("two", 2),
          Map.entry("three", 3),
          Map.entry("four", 4),
          Map.entry("five", 5),
          Map.entry("six", 6),
          Map.entry("seven", 7),
          Map.entry("eight", 8),
          Map.entry("nine", 9),
          Map.entry("ten", 10),
          Map.entry("eleven", 11),
          Map.entry("twelve", 12),
          Map.entry("thirteen", 13),
          Map.entry("fourteen", 14),
          Map.entry("fifteen", 15),
          Map.entry("sixteen", 16),
          Map.entry("seventeen", 17),
          Map.entry("eighteen", 18),
          Map.entry("nineteen", 19),
          Map.entry("dozen", 12),
          Map.entry("fiveteen", 15));

  private static final List<String> TENS =
      List.of("twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");

  private Counts() {}

  /** Of a word such as {@code ten}, {@code thirty-two} or {@code 12}; null where it is none. */
  static @Nullable Integer number(String word) {
    if (word.matches("\\d{1,6}")) {
      return Integer.parseInt(word);
    }
    Integer plain = WORDS.get(word);
    if (plain != null) {
      return plain;
    }
    for (int n = 0; n < TENS.size(); n++) {
      String ten = TENS.get(n);
      if (word.startsWith(ten)) {
        String rest = word.substring(ten.length()).replace("-", "");
        Integer one = rest.isEmpty() ? Integer.valueOf(0) : WORDS.get(rest);
        return one == null ? null : 10 * (n + 2) + one;
      }
    }
    return null;
  }
}
