package velvetkettle.core.intake;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The words of orders with what they mean, also in their plural and misspelt. */
final class Lexicon {
  static final Lexicon TRADE = new Lexicon(Phrases.TRADE.lines().toList());

  /** Shorter words are too easily another one that was misspelt. */
  private static final int BENT_FROM = 4;

  private static final int BENT_TWICE_FROM = 8;

  /** Common words that are no misspelling of anything. */
  private static final Set<String> PLAIN =
      Set.of(
          "about",
          "above",
          "along",
          "also",
          "band",
          "below",
          "boat",
          "body",
          "book",
          "call",
          "case",
          "club",
          "color",
          "colour",
          "colours",
          "delivery",
          "door",
          "each",
          "fabric",
          "first",
          "fish",
          "from",
          "front",
          "garment",
          "gift",
          "harbour",
          "have",
          "hello",
          "high",
          "hotel",
          "hurry",
          "item",
          "just",
          "label",
          "last",
          "late",
          "leather",
          "line",
          "little",
          "look",
          "lovely",
          "made",
          "make",
          "material",
          "month",
          "museum",
          "need",
          "needed",
          "needs",
          "note",
          "office",
          "ones",
          "order",
          "organic",
          "over",
          "part",
          "piece",
          "pieces",
          "place",
          "please",
          "print",
          "printed",
          "prints",
          "pure",
          "quantity",
          "read",
          "ready",
          "rest",
          "same",
          "sample",
          "school",
          "sea",
          "shop",
          "size",
          "sizes",
          "some",
          "sponsor",
          "sport",
          "stall",
          "swim",
          "take",
          "tall",
          "team",
          "tel",
          "than",
          "thank",
          "thanks",
          "that",
          "them",
          "then",
          "they",
          "this",
          "time",
          "tiny",
          "trim",
          "want",
          "wants",
          "week",
          "weeks",
          "were",
          "when",
          "wide",
          "width",
          "wind",
          "with",
          "work");

  /**
   * @param value a name of a vocabulary; of a colour its depth and hue
   */
  record Entry(String what, String value) {}

  /**
   * @param words how many words it takes
   * @param exact whether it is written as in the list, or nearly so
   */
  record Hit(Entry entry, int words, boolean exact) {}

  /** In the order of the list: what comes first there is likelier meant. */
  private final Map<String, List<Entry>> byPhrase = new LinkedHashMap<>();

  private final Set<String> words = new HashSet<>();
  private int longest = 1;

  private Lexicon(List<String> lines) {
    for (String line : lines) {
      if (!line.isBlank()) {
        add(line);
      }
    }
  }

  private void add(String line) {
    int colon = line.indexOf(':');
    String[] head = line.substring(0, colon).split(" ", 2);
    for (String phrase : line.substring(colon + 1).split(",")) {
      String key = key(phrase);
      byPhrase
          .computeIfAbsent(key, none -> new ArrayList<>())
          .add(new Entry(head[0], head[1].strip()));
      String[] parts = key.split(" ");
      words.addAll(List.of(parts));
      longest = Math.max(longest, parts.length);
    }
  }

  private static String key(String phrase) {
    return phrase.strip().replace('-', ' ').replace('’', '\'');
  }

  /** The longest phrase of that kind that begins at a word; empty where none does. */
  Optional<Hit> at(List<Word> sentence, int start, String what) {
    StringBuilder phrase = new StringBuilder();
    Hit found = null;
    for (int n = 0; n < longest && start + n < sentence.size(); n++) {
      Word word = sentence.get(start + n);
      boolean hyphen = n > 0 && word.text().equals("-");
      if (!word.isWord() && !hyphen) {
        break;
      }
      phrase.append(n == 0 ? "" : " ").append(key(word.text()));
      Entry entry = entry(phrase.toString(), what);
      if (entry != null) {
        found = new Hit(entry, n + 1, true);
      }
    }
    return found != null ? Optional.of(found) : bent(sentence.get(start), what);
  }

  private @Nullable Entry entry(String phrase, String what) {
    for (String form : singulars(phrase)) {
      for (Entry entry : byPhrase.getOrDefault(form, List.of())) {
        if (entry.what().equals(what)) {
          return entry;
        }
      }
    }
    return null;
  }

  private static List<String> singulars(String word) {
    List<String> forms = new ArrayList<>(List.of(word));
    if (word.endsWith("ies")) {
      forms.add(word.substring(0, word.length() - 3) + "y");
      forms.add(word.substring(0, word.length() - 1));
    }
    if (word.endsWith("ves")) {
      forms.add(word.substring(0, word.length() - 3) + "f");
    }
    if (word.endsWith("s") && !word.endsWith("ss")) {
      forms.add(word.substring(0, word.length() - 1));
    }
    if (word.endsWith("es")) {
      forms.add(word.substring(0, word.length() - 2));
    }
    return forms;
  }

  /** A word with a letter too many, too few, wrong or out of its place. */
  private Optional<Hit> bent(Word word, String what) {
    String text = key(word.text());
    boolean plain = text.contains(" ") || Counts.number(text) != null || isKnown(text);
    if (!word.isWord() || text.length() < BENT_FROM || plain) {
      return Optional.empty();
    }
    int allowed = text.length() >= BENT_TWICE_FROM ? 2 : 1;
    Entry nearest = null;
    int least = allowed + 1;
    for (Map.Entry<String, List<Entry>> each : byPhrase.entrySet()) {
      if (each.getKey().length() >= BENT_FROM) {
        for (String form : singulars(text)) {
          int far = distance(form, each.getKey());
          for (Entry entry : each.getValue()) {
            if (entry.what().equals(what) && far < least) {
              least = far;
              nearest = entry;
            }
          }
        }
      }
    }
    return nearest == null ? Optional.empty() : Optional.of(new Hit(nearest, 1, false));
  }

  private boolean isKnown(String text) {
    return PLAIN.contains(text) || singulars(text).stream().anyMatch(words::contains);
  }

  /** Optimal string alignment: letters put in, left out, changed, or two that are swapped. */
  static int distance(String one, String other) {
    int[][] cost = new int[one.length() + 1][other.length() + 1];
    for (int i = 0; i <= one.length(); i++) {
      for (int j = 0; j <= other.length(); j++) {
        if (i == 0 || j == 0) {
          cost[i][j] = i + j;
          continue;
        }
        boolean same = one.charAt(i - 1) == other.charAt(j - 1);
        int least = Math.min(cost[i - 1][j], cost[i][j - 1]) + 1;
        least = Math.min(least, cost[i - 1][j - 1] + (same ? 0 : 1));
        boolean swapped =
            i > 1
                && j > 1
                && one.charAt(i - 1) == other.charAt(j - 2)
                && one.charAt(i - 2) == other.charAt(j - 1);
        cost[i][j] = swapped ? Math.min(least, cost[i - 2][j - 2] + 1) : least;
      }
    }
    return cost[one.length()][other.length()];
  }
}
