package velvetkettle.server.exchange;

import jakarta.validation.Validator;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Worded;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.TicketForm;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.table.SpreadsheetCell;

/**
 * Understands one line of a table of orders and says all that is wrong with it. A garment is one of
 * Cloth memory by its name, or else what its label, kind, fabric and colour say.
 */
final class OrderReader {
  private static final LocalTime AT_FOUR = LocalTime.of(16, 0);

  private final Speech speech;
  private final Validator validator;
  private final ZoneId zone;
  private final Map<String, GarmentForm> cloths;
  private final Map<String, UUID> presses;

  /** Of the line that is being read. */
  private OrderTable.Cells cells;

  private List<Sentence> wrong = new ArrayList<>();

  /**
   * @param cloths Cloth memory, by names in small letters
   * @param presses the drawer likewise; the first is taken where a line names none
   */
  OrderReader(
      Speech speech,
      Validator validator,
      ZoneId zone,
      Map<String, GarmentForm> cloths,
      Map<String, UUID> presses) {
    this.speech = speech;
    this.validator = validator;
    this.zone = zone;
    this.cloths = cloths;
    this.presses = presses;
    cells = new OrderTable.Cells(0, Map.of());
  }

  OrderLine read(OrderTable.Cells line) {
    cells = line;
    wrong = new ArrayList<>();
    signs();
    TicketForm ticket = wrong.isEmpty() ? ticket() : null;
    if (wrong.isEmpty() && ticket != null) {
      refusals(ticket);
    }
    return new OrderLine(line.line(), line.of(), wrong.isEmpty() ? ticket : null, wrong);
  }

  /** What can be no order in any cell: a formula, or signs that nobody can write. */
  private void signs() {
    cells
        .of()
        .forEach(
            (column, text) -> {
              if (SpreadsheetCell.isFormula(text)) {
                say("orders.formula", text, column);
              } else if (text.chars().anyMatch(c -> Character.isISOControl(c) || c == 0xFFFD)) {
                say("orders.unreadable", column);
              }
            });
  }

  private TicketForm ticket() {
    GarmentForm garment = garment();
    String art = needed(OrderColumn.ART);
    String title = cell(OrderColumn.TITLE);
    int pieces = (int) number(OrderColumn.PIECES, 1, 10_000, true);
    return new TicketForm(
        title.isEmpty() ? shortened(pieces + " × " + garment.name()) : title,
        cell(OrderColumn.CUSTOMER),
        due(),
        pieces,
        press(),
        garment,
        List.of(decoration(art)),
        List.of(),
        0);
  }

  private static String shortened(String text) {
    return text.length() > 80 ? text.substring(0, 80) : text;
  }

  private GarmentForm garment() {
    String name = needed(OrderColumn.GARMENT);
    GarmentForm known = cloths.get(name.toLowerCase(Locale.ROOT));
    if (known != null) {
      return known;
    }
    String label = cell(OrderColumn.LABEL);
    if (label.isEmpty() && !name.isEmpty()) {
      say("orders.no-cloth", name);
    }
    String colour = cell(OrderColumn.COLOUR);
    return new GarmentForm(
        name,
        word(OrderColumn.KIND, GarmentKind.TOP),
        label,
        word(OrderColumn.FABRIC, Fabric.JERSEY),
        colour.isEmpty() ? "white" : colour,
        word(OrderColumn.DEPTH, colour.isEmpty() ? Depth.WHITE : Depth.MEDIUM),
        Hue.NEUTRAL,
        DyeKind.UNKNOWN,
        Finish.NONE,
        Set.of(),
        IronMark.UNKNOWN,
        word(OrderColumn.SIZE, Size.ADULT),
        null,
        List.of(),
        null,
        Set.of());
  }

  private DecorationForm decoration(String art) {
    return new DecorationForm(
        "a",
        art,
        word(OrderColumn.ART_KIND, ArtKind.LOGO),
        number(OrderColumn.WIDTH, 3, 3000, false),
        number(OrderColumn.HEIGHT, 3, 3000, false),
        1,
        word(OrderColumn.LIGHTEST, Depth.WHITE),
        word(OrderColumn.PLACEMENT, Placement.CHEST),
        Surface.ANY,
        null,
        false,
        null,
        null,
        0,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null);
  }

  private UUID press() {
    String name = cell(OrderColumn.PRESS);
    UUID named =
        name.isEmpty()
            ? presses.values().stream().findFirst().orElse(null)
            : presses.get(name.toLowerCase(Locale.ROOT));
    if (named == null) {
      say("orders.no-press", name);
    }
    return named == null ? new UUID(0, 0) : named;
  }

  private Instant due() {
    String text = needed(OrderColumn.DUE);
    try {
      LocalDateTime at =
          text.length() > 10
              ? LocalDateTime.parse(text.replace(' ', 'T'))
              : LocalDate.parse(text).atTime(AT_FOUR);
      return at.atZone(zone).toInstant();
    } catch (DateTimeException e) {
      if (!text.isEmpty()) {
        say("orders.date", text);
      }
      return Instant.EPOCH;
    }
  }

  private double number(OrderColumn column, int least, int most, boolean whole) {
    String text = needed(column);
    try {
      double value = whole ? Integer.parseInt(text) : Double.parseDouble(text.replace(',', '.'));
      if (value >= least && value <= most) {
        return value;
      }
    } catch (NumberFormatException e) {
      // Said below, as any other number that will not do.
    }
    if (!text.isEmpty()) {
      say("orders.number", text, column, least, most);
    }
    return least;
  }

  /**
   * A term of the trade, as it is shown or as it is stored; the usual one where the cell is empty.
   */
  private <T extends Enum<T> & Worded> T word(OrderColumn column, T usual) {
    String text = cell(column).toLowerCase(Locale.ROOT);
    if (text.isEmpty()) {
      return usual;
    }
    T[] all = usual.getDeclaringClass().getEnumConstants();
    for (T one : all) {
      String stored = one.name().toLowerCase(Locale.ROOT);
      if (text.equals(stored)
          || text.replace(' ', '_').replace('-', '_').equals(stored)
          || text.equals(speech.say(one.term()).toLowerCase(Locale.ROOT))) {
        return one;
      }
    }
    String known =
        Arrays.stream(all).map(one -> speech.say(one.term())).collect(Collectors.joining(", "));
    say("orders.word", cell(column), column, known);
    return usual;
  }

  private String cell(OrderColumn column) {
    return SpreadsheetCell.plain(cells.of().getOrDefault(column, ""));
  }

  private String needed(OrderColumn column) {
    String text = cell(column);
    if (text.isEmpty()) {
      say("orders.missing", column);
    }
    return text;
  }

  /** What a ticket that is typed would be refused for. */
  private void refusals(TicketForm ticket) {
    validator
        .validate(ticket)
        .forEach(
            found -> say("orders.refused", found.getPropertyPath().toString(), found.getMessage()));
    if (wrong.isEmpty()) {
      try {
        ticket.garment().garment();
        ticket.decorations().get(0).artwork("decorations[0]");
      } catch (RefusedException e) {
        wrong.add(e.sentence());
      }
    }
  }

  private void say(String key, @Nullable Object... arguments) {
    Object[] said =
        Arrays.stream(arguments)
            .map(a -> a instanceof OrderColumn column ? column.heading() : a)
            .toArray();
    wrong.add(Sentence.of(key, said));
  }
}
