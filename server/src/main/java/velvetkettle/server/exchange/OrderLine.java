package velvetkettle.server.exchange;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.plan.TicketForm;

/**
 * A line of a table of orders.
 *
 * @param line its number in the file, from 1
 * @param ticket what it asks for; null where something is wrong
 */
record OrderLine(
    int line, Map<OrderColumn, String> cells, @Nullable TicketForm ticket, List<Sentence> wrong) {
  private static final int SHOWN = 60;

  boolean good() {
    return ticket != null;
  }

  OrderReading.OrderRow row() {
    return new OrderReading.OrderRow(
        line,
        shown(OrderColumn.CUSTOMER),
        shown(OrderColumn.TITLE),
        shown(OrderColumn.GARMENT),
        shown(OrderColumn.ART),
        shown(OrderColumn.PIECES),
        shown(OrderColumn.DUE),
        wrong);
  }

  private String shown(OrderColumn column) {
    String text = cells.getOrDefault(column, "").replaceAll("\\p{Cntrl}", " ");
    return text.length() > SHOWN ? text.substring(0, SHOWN) + " …" : text;
  }
}
