package velvetkettle.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;

/** What an order says, field by field in plain text, and how much of it was read right. */
record Told(String sentence, Map<String, String> fields) {
  private static final Pattern FIELD = Pattern.compile("(\\w+)=(\"[^\"]*\"|\\S+)");

  /** Read since the orders were written down; they have cases of their own. */
  private static final Set<Field> LATER = EnumSet.of(Field.FITS, Field.OBSTACLES);

  /** A line of {@code order-sentences.txt}. */
  static Told of(String line) {
    int arrow = line.lastIndexOf("=>");
    Map<String, String> fields = new TreeMap<>();
    Matcher field = FIELD.matcher(line.substring(arrow + 2));
    while (field.find()) {
      fields.put(field.group(1), field.group(2).replace("\"", ""));
    }
    return new Told(line.substring(0, arrow).strip(), fields);
  }

  /** How the fields of a reading stand to those that were told. */
  record Score(int right, int unsure, int all, List<String> wrong) {
    static final Score NONE = new Score(0, 0, 0, List.of());

    Score and(Score other) {
      List<String> both = Stream.concat(wrong.stream(), other.wrong.stream()).toList();
      return new Score(right + other.right, unsure + other.unsure, all + other.all, both);
    }
  }

  /** Wrong is what was read otherwise, or where nothing is, without being marked as unsure. */
  Score score(Intake intake) {
    Map<String, String> read = new TreeMap<>();
    Set<String> unsure = new TreeSet<>();
    intake.fields().entrySet().stream()
        .filter(entry -> !LATER.contains(entry.getKey()))
        .forEach(entry -> add(entry.getKey(), entry.getValue(), read, unsure));
    Set<String> all = new TreeSet<>(fields.keySet());
    all.addAll(read.keySet());
    int right = 0;
    List<String> wrong = new ArrayList<>();
    for (String name : all) {
      if (same(name, fields.get(name), read.get(name))) {
        right++;
      } else if (read.containsKey(name) && !unsure.contains(name)) {
        wrong.add(sentence + ": " + name + " " + fields.get(name) + ", read " + read.get(name));
      }
    }
    unsure.retainAll(all);
    return new Score(right, unsure.size(), all.size(), wrong);
  }

  private static void add(Field field, Said<?> said, Map<String, String> read, Set<String> unsure) {
    String name = field.name().toLowerCase(Locale.ROOT);
    if (said.value() instanceof Colour colour) {
      read.put("colour", colour.name());
      read.put("depth", colour.depth().name());
      read.put("hue", colour.hue().name());
      unsure.addAll(said.sure() ? List.of() : List.of("colour", "depth", "hue"));
      return;
    }
    if (!said.sure()) {
      unsure.add(name);
    }
    read.put(name, plain(said.value()));
  }

  private static String plain(Object value) {
    if (value instanceof Double number) {
      return number == Math.rint(number) ? Long.toString(number.longValue()) : number.toString();
    }
    if (value instanceof Intake.Due due) {
      return due.day() + (due.time() == null ? "" : "T" + due.time());
    }
    if (value instanceof List<?> sizes) {
      return sizes.stream()
          .map(Intake.SizeCount.class::cast)
          .map(size -> size.size() + " " + size.pieces())
          .collect(Collectors.joining(", "));
    }
    return value.toString();
  }

  private static boolean same(String name, @Nullable String told, @Nullable String read) {
    if (name.equals("label") && told != null && read != null) {
      LabelReading one = LabelReader.read(told);
      LabelReading other = LabelReader.read(read);
      return Objects.equals(one.blend(), other.blend()) && one.parts().equals(other.parts());
    }
    return Objects.equals(told, read);
  }
}
