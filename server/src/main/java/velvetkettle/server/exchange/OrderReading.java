package velvetkettle.server.exchange;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.quantity.Sentence;

/**
 * What a table of orders holds, before anything of it is taken.
 *
 * @param good lines that can be taken, of which the first few are among the rows
 * @param bad lines that cannot, of which at most the first few hundred are
 * @param rows bad ones first
 * @param encoding that the file was read as
 * @param separator of its cells
 */
public record OrderReading(
    int good, int bad, List<OrderRow> rows, String encoding, String separator) {
  /** Enough to mend a file by. */
  private static final int BAD_SHOWN = 500;

  /** Enough to see that the columns are right. */
  private static final int GOOD_SHOWN = 20;

  public OrderReading {
    rows = List.copyOf(rows);
  }

  static OrderReading of(List<OrderLine> lines, String encoding, char separator) {
    List<OrderLine> bad = lines.stream().filter(line -> !line.good()).toList();
    List<OrderLine> good = lines.stream().filter(OrderLine::good).toList();
    List<OrderRow> shown = new ArrayList<>();
    bad.stream().limit(BAD_SHOWN).map(OrderLine::row).forEach(shown::add);
    good.stream().limit(GOOD_SHOWN).map(OrderLine::row).forEach(shown::add);
    String named = separator == '\t' ? "tab" : String.valueOf(separator);
    return new OrderReading(good.size(), bad.size(), shown, encoding, named);
  }

  /**
   * @param line its number in the file, from 1
   * @param wrong why it cannot be taken; empty where it can
   */
  public record OrderRow(
      int line,
      String customer,
      String title,
      String garment,
      String art,
      String pieces,
      String due,
      List<Sentence> wrong) {}
}
