package velvetkettle.server.roster;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.roster.Entry;

/**
 * What a file holds, line by line, before anything of it is taken.
 *
 * @param good how many lines can be taken
 */
public record RosterReading(List<Row> rows, int good) {
  public RosterReading {
    rows = List.copyOf(rows);
  }

  static RosterReading of(List<Row> rows) {
    return new RosterReading(rows, (int) rows.stream().filter(r -> r.wrong() == null).count());
  }

  /**
   * A line of it.
   *
   * @param line its number in the file, from 1
   * @param wrong why it cannot be taken; null where it can
   */
  public record Row(int line, String name, String number, String size, @Nullable Sentence wrong) {
    private static final int SHOWN = 60;

    static Row right(int line, Entry entry) {
      return new Row(line, entry.name(), entry.number(), entry.size(), null);
    }

    static Row wrong(int line, String name, String number, String size, Sentence why) {
      return new Row(line, cut(name), cut(number), cut(size), why);
    }

    private static String cut(String text) {
      String line = text.replaceAll("\\p{Cntrl}", " ");
      return line.length() > SHOWN ? line.substring(0, SHOWN) + " …" : line;
    }
  }
}
