package velvetkettle.core.cloth;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * Reads the fibre content as it stands on a sewn-in label: {@code 60% cotton 40% polyester}, {@code
 * CO 60 PES 40}, {@code 92/8 polyester elastane}; full names and letter codes, any order. Never
 * guesses a fibre: what it does not know it refuses by name.
 *
 * <ol>
 *   <li>A label in parts (shell, lining, sleeves) is read part by part: a part's name stands before
 *       its fibres, or behind them where the label begins with a fibre and ends with a part.
 *   <li>Words that say nothing about heat (organic, recycled, pure) are left out.
 *   <li>Shares written together (92/8) go to the fibres in their order; otherwise a share belongs
 *       to the fibre it stands before, or behind where the label begins with a fibre.
 *   <li>A label that names no fibre, or none that is known, is cloth that nobody knows.
 *   <li>One fibre without a share takes the rest, and that is noted. A rest that nobody claims is
 *       noted too.
 * </ol>
 */
public final class LabelReader {
  private static final int LONGEST_LABEL = 300;

  private static final Pattern POLYAMIDE_66 =
      Pattern.compile("\\b(polyamide|nylon|pa)[ -]?6[.,/]?6\\b(?!\\s*%)", Pattern.CASE_INSENSITIVE);

  private static final Pattern TOKEN =
      Pattern.compile(
          "(?<number>\\d+(?:[.,]\\d+)?)(?!\\p{L})|(?<slash>/)|(?<word>\\p{L}[\\p{L}\\d'-]*)|(?<other>[^\\s%,;:.+&()*|]+)");

  /** How makers say that there is nothing to read. */
  private static final Pattern NOTHING =
      Pattern.compile("(no|without( a)?) label|(not|un)known|none|\\?+", Pattern.CASE_INSENSITIVE);

  private static final Set<String> SAYS_NOTHING =
      Set.of(
          "organic",
          "recycled",
          "pure",
          "all",
          "combed",
          "ringspun",
          "virgin",
          "true",
          "new",
          "fleece",
          "and",
          "fibre",
          "fibres",
          "fibers",
          "fiber",
          "certified",
          "of",
          "merino",
          "pima",
          "percent",
          "fabric",
          "material",
          "decoration",
          "ornamentation");

  /** What is left out on purpose: its own words are no content. */
  private static final Set<String> EXCEPT = Set.of("excluding", "exclusive", "except", "excl");

  private static final Map<String, Fibre> BY_WORD = byWord();

  private LabelReader() {}

  /**
   * Reads a label of at most 300 characters; what cannot be read comes back as a refusal, never as
   * an exception.
   */
  public static LabelReading read(String label) {
    if (label.length() > LONGEST_LABEL) {
      return LabelReading.refused("label.too-long", LONGEST_LABEL);
    }
    if (NOTHING.matcher(label.strip()).matches()) {
      return LabelReading.nothingKnown();
    }
    LabelParts parts = new LabelParts();
    Matcher matcher = TOKEN.matcher(POLYAMIDE_66.matcher(label).replaceAll("polyamide66"));
    while (matcher.find()) {
      LabelReading refusal = parts.take(matcher);
      if (refusal != null) {
        return refusal;
      }
    }
    return parts.read();
  }

  /** The parts that a label names, each with its own fibres, in the order in which they stand. */
  private static final class LabelParts {
    private final List<Tokens> contents = new ArrayList<>(List.of(new Tokens()));

    /** Before each content, and once more behind the last one. */
    private final List<List<GarmentPart>> names =
        new ArrayList<>(List.of(new ArrayList<>(), new ArrayList<>()));

    /** Whether the next name is of a part that the label leaves out. */
    private boolean excepts;

    /** Whether the last name was, so that "and" goes on with it. */
    private boolean excepted;

    @Nullable LabelReading take(Matcher token) {
      String word = token.group("word");
      String key = word == null ? "" : word.toLowerCase(Locale.ROOT);
      Optional<GarmentPart> part = GarmentPart.named(key);
      boolean goesOn = excepted && key.equals("and");
      excepted = false;
      if (EXCEPT.contains(key) || goesOn) {
        excepts = true;
      } else if (part.isPresent()) {
        name(part.get());
      } else {
        // A slash that parts two names, as in "shell/lining", parts no shares.
        boolean betweenNames = token.group("slash") != null && !open().isEmpty();
        return betweenNames ? null : content().take(token);
      }
      return null;
    }

    private List<GarmentPart> open() {
      return names.get(names.size() - 1);
    }

    private void name(GarmentPart part) {
      if (excepts) {
        excepts = false;
        excepted = true;
        return;
      }
      // The lining of a hood is a lining.
      if (part == GarmentPart.LINING) {
        open().removeIf(whose -> whose != GarmentPart.SHELL);
      }
      if (!open().contains(part)) {
        open().add(part);
      }
    }

    /** Where the next fibre or share belongs: a part's name begins a new content. */
    private Tokens content() {
      Tokens last = contents.get(contents.size() - 1);
      if (!open().isEmpty() && last.isEmpty()) {
        names.get(names.size() - 2).addAll(open());
        open().clear();
      } else if (!open().isEmpty()) {
        last = new Tokens();
        contents.add(last);
        names.add(new ArrayList<>());
      }
      return last;
    }

    LabelReading read() {
      boolean behind = names.get(0).isEmpty() && !open().isEmpty();
      Map<GarmentPart, LabelReading> readings = new EnumMap<>(GarmentPart.class);
      for (int i = 0; i < contents.size(); i++) {
        List<GarmentPart> called = names.get(behind ? i + 1 : i);
        LabelReading reading = contents.get(i).pair();
        if (reading.refusal() != null) {
          return reading;
        }
        for (GarmentPart part : called.isEmpty() ? List.of(GarmentPart.SHELL) : called) {
          if (readings.putIfAbsent(part, reading) != null) {
            return LabelReading.refused("label.part-twice", part);
          }
        }
      }
      if (!behind) {
        open().forEach(part -> readings.putIfAbsent(part, LabelReading.nothingKnown()));
      }
      return LabelReading.inParts(readings);
    }
  }

  private static Map<String, Fibre> byWord() {
    Map<String, Fibre> words = new HashMap<>();
    for (Fibre fibre : Fibre.values()) {
      for (String word : fibre.labelWords()) {
        words.put(word.toLowerCase(Locale.ROOT), fibre);
      }
    }
    return Map.copyOf(words);
  }

  /** Fibres and shares in the order they were met, and how they stand to each other. */
  private static final class Tokens {
    private final List<Fibre> fibres = new ArrayList<>();
    private final List<Double> shares = new ArrayList<>();

    /** For each share, the number of fibres met before it. */
    private final List<Integer> fibresBefore = new ArrayList<>();

    private boolean together;

    boolean isEmpty() {
      return fibres.isEmpty() && shares.isEmpty();
    }

    @Nullable LabelReading take(Matcher token) {
      if (token.group("number") != null) {
        shares.add(Double.parseDouble(token.group("number").replace(',', '.')));
        fibresBefore.add(fibres.size());
      } else if (token.group("slash") != null) {
        together |= fibres.isEmpty() || fibresBefore.contains(fibres.size());
      } else if (token.group("word") != null) {
        return takeWord(token.group("word"));
      } else {
        return LabelReading.refused("label.unknown-word", token.group());
      }
      return null;
    }

    private @Nullable LabelReading takeWord(String word) {
      String key = word.toLowerCase(Locale.ROOT);
      if (SAYS_NOTHING.contains(key)) {
        return null;
      }
      Fibre fibre = BY_WORD.get(key);
      if (fibre == null) {
        return LabelReading.refused("label.unknown-word", word);
      }
      fibres.add(fibre);
      return null;
    }

    LabelReading pair() {
      if (fibres.isEmpty()) {
        return shares.isEmpty() ? LabelReading.nothingKnown() : LabelReading.refused("label.empty");
      }
      if (shares.size() > fibres.size()) {
        return LabelReading.refused("label.more-shares-than-fibres", shares.size(), fibres.size());
      }
      @Nullable Double[] shareOf = new Double[fibres.size()];
      boolean shareFirst = !fibresBefore.isEmpty() && fibresBefore.get(0) == 0;
      for (int i = 0; i < shares.size(); i++) {
        int fibre = together ? i : shareFirst ? fibresBefore.get(i) : fibresBefore.get(i) - 1;
        if (fibre >= fibres.size() || shareOf[fibre] != null) {
          return LabelReading.refused("label.share-without-fibre", number(shares.get(i)));
        }
        shareOf[fibre] = shares.get(i);
      }
      return sum(shareOf);
    }

    private LabelReading sum(@Nullable Double[] shareOf) {
      Map<Fibre, Double> sums = new EnumMap<>(Fibre.class);
      List<Fibre> open = new ArrayList<>();
      double total = 0;
      for (int i = 0; i < shareOf.length; i++) {
        Double share = shareOf[i];
        if (share == null) {
          open.add(fibres.get(i));
        } else if (share > 0) {
          sums.merge(fibres.get(i), share, Double::sum);
          total += share;
        }
      }
      if (total > 100.5) {
        return LabelReading.refused("label.over-100", number(total));
      }
      return rest(sums, open, 100 - total);
    }

    private static LabelReading rest(Map<Fibre, Double> sums, List<Fibre> open, double rest) {
      List<Sentence> notes = new ArrayList<>();
      if (open.size() > 1) {
        return LabelReading.refused("label.shares-missing", open.get(0), open.get(1));
      }
      if (open.size() == 1) {
        if (rest <= 0) {
          return LabelReading.refused("label.nothing-left", open.get(0));
        }
        sums.merge(open.get(0), rest, Double::sum);
        notes.add(Sentence.of("label.takes-rest", open.get(0), number(rest)));
      } else if (rest > 0.5) {
        notes.add(Sentence.of("label.rest-unknown", number(rest)));
      }
      if (sums.isEmpty()) {
        return LabelReading.refused("label.empty");
      }
      return LabelReading.of(
          new Blend(
              sums.entrySet().stream()
                  .map(e -> new FibreShare(e.getKey(), Math.min(100, e.getValue())))
                  .toList()),
          notes);
    }

    private static String number(double value) {
      return value == Math.rint(value) ? Long.toString((long) value) : "%.1f".formatted(value);
    }
  }
}
