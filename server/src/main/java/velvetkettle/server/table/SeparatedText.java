package velvetkettle.server.table;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * A table with commas, semicolons or tabs between its cells, in UTF-8, UTF-16 or Windows' western
 * code page.
 *
 * <ol>
 *   <li>Bytes become text: by their mark, else as UTF-8 where they are valid, else as Windows-1252.
 *   <li>The separator is the one that the first lines have most of.
 *   <li>Lines are split until one breaks off within quotes.
 * </ol>
 *
 * @param lines that are not blank; none where the bytes are no text
 * @param encoding as people call it
 * @param brokenAt the line from which on cells cannot be told apart, from 1; null where all can
 */
public record SeparatedText(
    List<Line> lines, String encoding, char separator, @Nullable Integer brokenAt) {
  /**
   * @param number of the line that it begins on, from 1
   */
  public record Line(int number, CSVRecord cells) {}

  private static final char BYTE_ORDER_MARK = '\uFEFF';
  private static final char[] SEPARATORS = {',', ';', '\t'};
  private static final int FIRST_LINES = 2_000;
  private static final Charset WINDOWS = Charset.forName("windows-1252");

  public SeparatedText {
    lines = List.copyOf(lines);
  }

  public static SeparatedText read(byte[] bytes) {
    Charset marked = marked(bytes);
    Charset encoding = marked == null ? unmarked(bytes) : marked;
    String text = new String(bytes, encoding);
    if (!text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK) {
      text = text.substring(1);
    }
    char separator = separator(text);
    if (text.isBlank() || text.indexOf('\0') >= 0) {
      return new SeparatedText(List.of(), encoding.displayName(), separator, null);
    }
    List<Line> lines = new ArrayList<>();
    Integer broken = split(text, separator, lines);
    return new SeparatedText(lines, encoding.displayName(), separator, broken);
  }

  private static @Nullable Charset marked(byte[] bytes) {
    if (bytes.length < 2) {
      return null;
    }
    int mark = (bytes[0] & 0xFF) << 8 | bytes[1] & 0xFF;
    return mark == 0xFEFF
        ? StandardCharsets.UTF_16BE
        : mark == 0xFFFE ? StandardCharsets.UTF_16LE : null;
  }

  private static Charset unmarked(byte[] bytes) {
    try {
      StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
      return StandardCharsets.UTF_8;
    } catch (CharacterCodingException e) {
      return WINDOWS;
    }
  }

  private static char separator(String text) {
    String first = text.substring(0, Math.min(FIRST_LINES, text.length()));
    char best = SEPARATORS[0];
    long most = -1;
    for (char separator : SEPARATORS) {
      long count = first.chars().filter(c -> c == separator).count();
      if (count > most) {
        most = count;
        best = separator;
      }
    }
    return best;
  }

  private static @Nullable Integer split(String text, char separator, List<Line> lines) {
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setIgnoreEmptyLines(false)
            .setIgnoreSurroundingSpaces(true)
            .get();
    int next = 1;
    try (CSVParser parser = CSVParser.parse(text, format)) {
      Iterator<CSVRecord> all = parser.iterator();
      while (all.hasNext()) {
        CSVRecord cells = all.next();
        if (!cells.stream().allMatch(String::isBlank)) {
          lines.add(new Line(next, cells));
        }
        next = (int) parser.getCurrentLineNumber() + 1;
      }
      return null;
    } catch (IOException | UncheckedIOException e) {
      return next;
    }
  }
}
