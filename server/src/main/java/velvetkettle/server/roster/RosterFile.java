package velvetkettle.server.roster;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.roster.Entry;
import velvetkettle.core.roster.Roster;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.table.SeparatedText;

/**
 * A roster as somebody sent it: lines of name, number and size with commas, semicolons or tabs
 * between them, in UTF-8, UTF-16 or Windows' western code page, with or without a line of headings.
 *
 * <ol>
 *   <li>Bytes become lines and cells ({@link SeparatedText}).
 *   <li>A first line with known headings says which column is which; without one it is name,
 *       number, size.
 *   <li>Each line becomes an entry, or says what is wrong with it.
 * </ol>
 */
final class RosterFile {
  static final int LARGEST = 500_000;

  /** A few too many are said line by line; far too many are some other file. */
  private static final int MOST_LINES = 2 * Roster.MOST;

  private static final Map<String, Set<String>> HEADINGS =
      Map.of(
          "name", Set.of("name", "names", "player", "crew", "cast", "text", "lettering"),
          "number", Set.of("number", "no", "no.", "nr", "nr.", "#", "num"),
          "size", Set.of("size", "sizes", "garment size"));

  private static final Map<String, Integer> AS_USUAL = Map.of("name", 0, "number", 1, "size", 2);

  private RosterFile() {}

  /** Throws {@link RefusedException} where it is too large, no text, or empty. */
  static RosterReading read(byte[] bytes) {
    if (bytes.length > LARGEST) {
      throw new RefusedException("", Sentence.of("roster.too-large"));
    }
    SeparatedText table = SeparatedText.read(bytes);
    List<SeparatedText.Line> lines = table.lines();
    if (table.brokenAt() != null) {
      throw new RefusedException("", Sentence.of("roster.quotes"));
    }
    if (lines.isEmpty()) {
      throw new RefusedException("", Sentence.of("roster.no-text"));
    }
    if (lines.size() > MOST_LINES) {
      throw new RefusedException(
          "", Sentence.of("roster.too-many-lines", lines.size(), Roster.MOST));
    }
    Map<String, Integer> found = headings(lines.get(0).cells());
    Map<String, Integer> at = found.isEmpty() ? AS_USUAL : found;
    List<RosterReading.Row> rows = new ArrayList<>();
    for (SeparatedText.Line line : lines.subList(found.isEmpty() ? 0 : 1, lines.size())) {
      rows.add(row(line, at, rows.size()));
    }
    return RosterReading.of(rows);
  }

  /** Empty where the first line is somebody already. */
  private static Map<String, Integer> headings(CSVRecord first) {
    Map<String, Integer> columns = new HashMap<>();
    for (int column = 0; column < first.size(); column++) {
      String word = first.get(column).strip().toLowerCase(Locale.ROOT);
      for (Map.Entry<String, Set<String>> heading : HEADINGS.entrySet()) {
        if (heading.getValue().contains(word)) {
          columns.putIfAbsent(heading.getKey(), column);
        }
      }
    }
    return columns;
  }

  private static RosterReading.Row row(
      SeparatedText.Line read, Map<String, Integer> at, int before) {
    CSVRecord line = read.cells();
    String name = cell(line, at.get("name"));
    String number = cell(line, at.get("number"));
    String size = cell(line, at.get("size"));
    int where = read.number();
    if (before >= Roster.MOST) {
      return RosterReading.Row.wrong(where, name, number, size, Sentence.of("roster.too-many"));
    }
    if (line.stream().anyMatch(cell -> cell.chars().anyMatch(Character::isISOControl))) {
      return RosterReading.Row.wrong(where, name, number, size, Sentence.of("roster.signs"));
    }
    Sentence wrong = wrong(name, number, size);
    return wrong == null
        ? RosterReading.Row.right(where, new Entry(name, number, size))
        : RosterReading.Row.wrong(where, name, number, size, wrong);
  }

  private static @Nullable Sentence wrong(String name, String number, String size) {
    if (name.isBlank() && number.isBlank()) {
      return Sentence.of("roster.nothing");
    }
    if (name.codePointCount(0, name.length()) > Entry.LONGEST_NAME) {
      return Sentence.of("roster.long-name", Entry.LONGEST_NAME);
    }
    if (number.codePointCount(0, number.length()) > Entry.LONGEST_NUMBER) {
      return Sentence.of("roster.long-number", Entry.LONGEST_NUMBER);
    }
    return size.codePointCount(0, size.length()) > Entry.LONGEST_SIZE
        ? Sentence.of("roster.long-size", Entry.LONGEST_SIZE)
        : null;
  }

  private static String cell(CSVRecord line, @Nullable Integer column) {
    return column == null || column >= line.size() ? "" : line.get(column).strip();
  }
}
