package velvetkettle.server.exchange;

import java.io.IOException;
import java.io.Writer;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;
import velvetkettle.core.quantity.Worded;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketSummary;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.table.SpreadsheetCell;

/**
 * Orders as a table that can be read in again: a line for each thing that goes on a garment, in
 * UTF-8 with commas, headed by the columns' names.
 */
@Component
class OrderExport {
  private static final int PAGE = 200;

  private final TicketService tickets;
  private final Speech speech;

  OrderExport(TicketService tickets, Speech speech) {
    this.tickets = tickets;
    this.speech = speech;
  }

  void write(Writer out, boolean openOnly, ZoneId zone) throws IOException {
    Stream<String> columns = Stream.of(OrderColumn.values()).map(OrderColumn::heading);
    String[] header =
        Stream.concat(Stream.of("ticket", "station", "logged"), columns).toArray(String[]::new);
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(header).get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      List<TicketSummary> page;
      int number = 0;
      do {
        page = tickets.page("", null, openOnly, number++, PAGE).items();
        for (TicketSummary summary : page) {
          write(printer, tickets.ticket(summary.id()), zone);
        }
      } while (page.size() == PAGE);
    }
  }

  private void write(CSVPrinter printer, TicketView ticket, ZoneId zone) throws IOException {
    for (DecorationForm art : ticket.decorations()) {
      printer.print(ticket.name());
      printer.print(ticket.station().name());
      printer.print(ticket.logged());
      for (OrderColumn column : OrderColumn.values()) {
        printer.print(SpreadsheetCell.neutral(cell(column, ticket, art, zone)));
      }
      printer.println();
    }
  }

  private String cell(OrderColumn column, TicketView ticket, DecorationForm art, ZoneId zone) {
    GarmentForm garment = ticket.garment();
    return switch (column) {
      case CUSTOMER -> ticket.customer();
      case TITLE -> ticket.title();
      case DUE -> minutes(ticket.dueAt(), zone);
      case PIECES -> String.valueOf(ticket.pieces());
      case GARMENT -> garment.name();
      case LABEL -> garment.label();
      case KIND -> said(garment.kind());
      case FABRIC -> said(garment.fabric());
      case COLOUR -> garment.colour();
      case DEPTH -> said(garment.depth());
      case SIZE -> said(garment.size());
      case ART -> art.description();
      case ART_KIND -> said(art.kind());
      case PLACEMENT -> said(art.placement());
      case WIDTH -> millimetres(art.width());
      case HEIGHT -> millimetres(art.height());
      case LIGHTEST -> said(art.lightest());
      case PRESS -> ticket.press().name();
    };
  }

  private String said(Worded word) {
    return speech.say(word.term());
  }

  private static String minutes(Instant due, ZoneId zone) {
    LocalDateTime at = LocalDateTime.ofInstant(due, zone).truncatedTo(ChronoUnit.MINUTES);
    return at.toString().replace('T', ' ');
  }

  private static String millimetres(double mm) {
    return mm == Math.rint(mm) ? String.valueOf((long) mm) : String.valueOf(mm);
  }
}
