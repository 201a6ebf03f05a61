package velvetkettle.server.exchange;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.table.SeparatedText;

/** A table of orders as somebody sent it, cell by cell, not yet understood. */
record OrderTable(SeparatedText text, List<Cells> lines) {
  static final int LARGEST = 5_000_000;

  private static final int MOST_LINES = 10_000;

  /**
   * @param line its number in the file
   */
  record Cells(int line, Map<OrderColumn, String> of) {}

  /** Throws {@link RefusedException} where nothing of it can be read. */
  static OrderTable read(byte[] bytes) {
    if (bytes.length > LARGEST) {
      throw refused("orders.too-large");
    }
    SeparatedText text = SeparatedText.read(bytes);
    List<SeparatedText.Line> lines = text.lines();
    if (lines.isEmpty()) {
      throw text.brokenAt() == null ? refused("orders.no-text") : refused("orders.broken-quote", 1);
    }
    if (lines.size() > MOST_LINES + 1) {
      throw refused("orders.too-many", MOST_LINES);
    }
    Map<OrderColumn, Integer> columns = columns(lines.get(0).cells());
    List<Cells> cells = new ArrayList<>();
    for (SeparatedText.Line line : lines.subList(1, lines.size())) {
      CSVRecord record = line.cells();
      Map<OrderColumn, String> of = new EnumMap<>(OrderColumn.class);
      columns.forEach(
          (column, at) -> of.put(column, at < record.size() ? record.get(at).strip() : ""));
      cells.add(new Cells(line.number(), of));
    }
    return new OrderTable(text, cells);
  }

  private static Map<OrderColumn, Integer> columns(CSVRecord first) {
    Map<OrderColumn, Integer> columns = new EnumMap<>(OrderColumn.class);
    for (int at = 0; at < first.size(); at++) {
      int where = at;
      OrderColumn.of(first.get(at)).ifPresent(column -> columns.putIfAbsent(column, where));
    }
    List<String> missing =
        OrderColumn.NEEDED.stream()
            .filter(column -> !columns.containsKey(column))
            .map(OrderColumn::heading)
            .toList();
    if (!missing.isEmpty()) {
      throw refused("orders.no-columns", String.join(", ", missing));
    }
    return columns;
  }

  private static RefusedException refused(String key, Object... arguments) {
    return new RefusedException("", Sentence.of(key, arguments));
  }
}
