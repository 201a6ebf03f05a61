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
import velvetkettle.server.Owner;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.exchange.OrderMapper.OrderRow;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.Station;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.table.SpreadsheetCell;

/**
 * Orders as a table that can be read in again: a line for each thing that goes on a garment, in
 * UTF-8 with commas, headed by the columns' names.
 */
@Component
class OrderExport {
  private static final int PAGE = 200;

  private final OrderMapper orders;
  private final StoredJson json;
  private final Owner owner;
  private final Speech speech;

  OrderExport(OrderMapper orders, StoredJson json, Owner owner, Speech speech) {
    this.orders = orders;
    this.json = json;
    this.owner = owner;
    this.speech = speech;
  }

  void write(Writer out, boolean openOnly, ZoneId zone) throws IOException {
    Stream<String> columns = Stream.of(OrderColumn.values()).map(OrderColumn::heading);
    String[] header =
        Stream.concat(Stream.of("ticket", "station", "logged"), columns).toArray(String[]::new);
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(header).get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      List<OrderRow> page;
      boolean done = false;
      Instant dueAt = Instant.EPOCH;
      int number = 0;
      do {
        page = orders.after(owner.name(), openOnly, done, dueAt, number, PAGE);
        for (OrderRow order : page) {
          write(printer, order, zone);
          done = order.station() == Station.DONE;
          dueAt = order.dueAt();
          number = order.number();
        }
      } while (page.size() == PAGE);
    }
  }

  private void write(CSVPrinter printer, OrderRow ticket, ZoneId zone) throws IOException {
    GarmentForm garment = json.read(ticket.garment(), GarmentForm.class);
    for (DecorationForm art : json.read(ticket.decorations(), DecorationForm[].class)) {
      printer.print("VK-" + ticket.number());
      printer.print(ticket.station().name());
      printer.print(ticket.logged());
      for (OrderColumn column : OrderColumn.values()) {
        printer.print(SpreadsheetCell.neutral(cell(column, ticket, garment, art, zone)));
      }
      printer.println();
    }
  }

  private String cell(
      OrderColumn column, OrderRow ticket, GarmentForm garment, DecorationForm art, ZoneId zone) {
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
      case PRESS -> ticket.press();
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
