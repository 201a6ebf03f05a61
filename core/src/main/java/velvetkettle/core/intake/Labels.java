package velvetkettle.core.intake;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;

/** The fibre content of an order, brought into the words of a sewn-in label. */
final class Labels {
  /** What is careful on purpose, so that nobody asks again. */
  private static final Pattern UNKNOWN =
      Pattern.compile(
          "\\b(?:no label|label (?:is )?unknown|unknown label|without (?:a )?label)\\b");

  private static final Pattern POLYCOTTON = Pattern.compile("poly-?cott?on");
  private static final Set<String> BETWEEN =
      Set.of("%", "/", ",", "and", "recycled", "organic", "pure", "of", ":", ".", ";");
  private static final Set<String> HALF_SAID =
      Set.of("rich", "blend", "blended", "mix", "mixed", "look", "feel", "touch", "like", "type");
  private static final Set<String> PARTS = Set.of("shell", "lining", "body", "sleeves", "outer");

  private final Text text;
  private final List<Word> words;

  Labels(Text text, List<Word> words) {
    this.text = text;
    this.words = words;
  }

  void read(Map<Field, Said<?>> fields) {
    Matcher unknown = text.find(UNKNOWN);
    if (unknown.find() && text.isFree(unknown.start(), unknown.end())) {
      text.take(unknown.start(), unknown.end());
      fields.put(Field.LABEL, new Said<>("unknown", unknown.start(), unknown.end(), true));
      return;
    }
    int first = -1;
    int last = -1;
    boolean sure = true;
    StringBuilder label = new StringBuilder();
    for (int at = 0; at < words.size(); at++) {
      Optional<Named> fibre = fibre(at);
      if (fibre.isPresent() && text.isFree(words.get(at).from(), words.get(at).to())) {
        if (last >= 0 && !joins(last, at)) {
          break;
        }
        first = first < 0 ? at : first;
        last = at;
        sure &= fibre.get().exact();
      }
    }
    if (first < 0) {
      return;
    }
    // Cotton-rich cloth and a cotton blend have something else in them that nobody says.
    if (last + 1 < words.size() && HALF_SAID.contains(words.get(last + 1).text())) {
      return;
    }
    first = widened(first, -1);
    last = widened(last, 1);
    for (int at = first; at <= last; at++) {
      label.append(fibre(at).map(Named::label).orElse(words.get(at).text())).append(' ');
    }
    put(fields, label.toString().replace(" %", "%"), first, last, sure);
  }

  private void put(Map<Field, Said<?>> fields, String label, int first, int last, boolean sure) {
    // One bare number before one fibre counts pieces, not shares.
    boolean pieces = label.matches("\\s*\\d+ [^\\d%/]*");
    int from = words.get(pieces ? first + 1 : first).from();
    int to = words.get(last).to();
    String plain =
        (pieces ? label.replaceFirst("\\d+", "") : label)
            .strip()
            .replaceAll("^[,./:;]+|[,/:;]+$", "")
            .strip();
    LabelReading reading = LabelReader.read(plain);
    Blend blend = reading.blend();
    if (blend == null) {
      return;
    }
    text.take(from, to);
    String written = reading.parts().isEmpty() ? written(blend) : plain;
    fields.put(Field.LABEL, new Said<>(written, from, to, sure));
  }

  /** As labels are mostly written: "80% cotton 20% polyester". */
  private static String written(Blend blend) {
    return blend.shares().stream()
        .map(share -> percent(share.percent()) + "% " + share.fibre().labelWords().get(0))
        .collect(Collectors.joining(" "));
  }

  private static String percent(double percent) {
    double tenths = Math.round(percent * 10) / 10.0;
    return tenths == Math.rint(tenths) ? Long.toString((long) tenths) : Double.toString(tenths);
  }

  private boolean joins(int last, int at) {
    for (int i = last + 1; i < at; i++) {
      if (!isBetween(i)) {
        return false;
      }
    }
    return true;
  }

  private boolean isBetween(int i) {
    Word word = words.get(i);
    return word.isNumber() || BETWEEN.contains(word.text()) || PARTS.contains(word.text());
  }

  /** Shares and names of parts that stand beside it. */
  private int widened(int at, int step) {
    int edge = at;
    for (int i = at + step; i >= 0 && i < words.size(); i += step) {
      Word word = words.get(i);
      boolean share = word.isNumber() && isShare(i);
      boolean sign = word.text().equals("%") || word.text().equals("/");
      boolean part = step < 0 && PARTS.contains(word.text());
      boolean says = step < 0 && Set.of("recycled", "organic", "pure", ":").contains(word.text());
      if (!(share || sign || part || says) || !text.isFree(word.from(), word.to())) {
        break;
      }
      if (share || part) {
        edge = i;
      } else if (step > 0 && word.text().equals("%")) {
        edge = i;
      }
    }
    return edge;
  }

  /** A number of a hundred with a sign beside it, or one of two that a stroke parts. */
  private boolean isShare(int i) {
    boolean stroke =
        i + 1 < words.size() && Set.of("/", "%").contains(words.get(i + 1).text())
            || i > 0 && words.get(i - 1).text().equals("/");
    boolean beside = i + 1 < words.size() && fibre(i + 1).isPresent();
    boolean behind = i > 0 && fibre(i - 1).isPresent();
    double share = words.get(i).number();
    return share <= 100 && (stroke || behind || beside && share >= 1 && !isPieces(i));
  }

  /** "20 cotton bags" are pieces; "95 cotton 5 elastane" are shares. */
  private boolean isPieces(int i) {
    for (int j = i + 2; j < Math.min(words.size(), i + 6); j++) {
      if (words.get(j).isNumber()) {
        return false;
      }
    }
    return i == 0;
  }

  /**
   * @param label as a label calls it
   * @param exact whether it was spelt so
   */
  private record Named(String label, boolean exact) {}

  private Optional<Named> fibre(int at) {
    Word word = words.get(at);
    if (!word.isWord()) {
      return Optional.empty();
    }
    if (POLYCOTTON.matcher(word.text()).matches()) {
      return Optional.of(new Named("polyester cotton", true));
    }
    String own = text.plain().substring(word.from(), word.to());
    for (Fibre fibre : Fibre.values()) {
      for (String code : fibre.labelWords()) {
        boolean isCode = code.length() <= 3 && Character.isUpperCase(code.charAt(0));
        if (isCode && (own.equals(code) || own.equalsIgnoreCase(code) && besideShare(at))) {
          return Optional.of(new Named(code, true));
        }
      }
    }
    return Lexicon.TRADE
        .at(words, at, "fibre")
        .map(hit -> new Named(hit.entry().value(), hit.exact()));
  }

  private boolean besideShare(int at) {
    return at > 0 && words.get(at - 1).isNumber() && words.get(at - 1).touches(words.get(at));
  }
}
