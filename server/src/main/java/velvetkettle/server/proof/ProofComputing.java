package velvetkettle.server.proof;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.together.PlacedDecoration;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.quantity.Worded;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.PlanComputing;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.roster.RosterEntryForm;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/** A ticket for the eyes of the customer: what goes where, and nothing of what it costs. */
@Component
public class ProofComputing {
  private static final float[] COLUMNS = {22, 180, 82, 215};
  private static final float[] ROSTER = {22, 230, 100, 100};
  private static final float FIGURE = 250;

  private final TicketService tickets;
  private final PlanComputing plans;
  private final Speech speech;

  ProofComputing(TicketService tickets, PlanComputing plans, Speech speech) {
    this.tickets = tickets;
    this.plans = plans;
    this.speech = speech;
  }

  public byte[] pdf(UUID id) {
    TicketView ticket = tickets.ticket(id);
    Plan plan = plans.preview(ticket.form());
    String title = say("proof.title", ticket.name(), ticket.title());
    try (Sheet sheet = new Sheet(title)) {
      sheet.heading(title, 20);
      about(sheet, ticket);
      figures(sheet, ticket, plan);
      things(sheet, ticket, plan);
      names(sheet, ticket);
      care(sheet, plan);
      approval(sheet);
      return sheet.finished();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void about(Sheet sheet, TicketView ticket) throws IOException {
    if (!ticket.customer().isBlank()) {
      sheet.paragraph(say("proof.for", ticket.customer()), 11);
    }
    Garment garment = ticket.garment().garment();
    sheet.paragraph(
        say(
            "proof.garment",
            ticket.pieces(),
            garment.name(),
            garment.colour().name(),
            garment.fabric().term(),
            ticket.garment().label()),
        11);
    sheet.space(10);
  }

  private void figures(Sheet sheet, TicketView ticket, Plan plan) throws IOException {
    sheet.need(FIGURE + 30);
    Garment garment = ticket.garment().garment();
    GarmentPattern pattern = GarmentPattern.of(garment);
    Color cloth = ClothColour.of(garment.colour().depth(), garment.colour().hue());
    float half = Sheet.WIDTH / 2 - 10;
    float left = Sheet.MARGIN;
    for (GarmentFace face : GarmentFace.values()) {
      GarmentFigure figure =
          new GarmentFigure(
              sheet, pattern.outline(face), left, sheet.top() - 16, half, FIGURE - 16);
      sheet.write(word(face), 11, left, sheet.top() - 10, Color.BLACK);
      figure.draw(pattern.outline(face), cloth, lying(ticket, plan, face));
      left += half + 20;
    }
    sheet.space(FIGURE + 14);
  }

  private static List<GarmentFigure.DrawnArt> lying(
      TicketView ticket, Plan plan, GarmentFace face) {
    List<GarmentFigure.DrawnArt> lying = new ArrayList<>();
    for (int i = 0; i < ticket.decorations().size(); i++) {
      DecorationForm art = ticket.decorations().get(i);
      Placing placing = placing(plan, art);
      if (placing.face() == face) {
        Color ink = art.lightest() == Depth.DARK ? Color.WHITE : Color.BLACK;
        Color colour = ClothColour.of(art.lightest(), Hue.NEUTRAL);
        lying.add(new GarmentFigure.DrawnArt(i + 1, placing.art(), colour, ink));
      }
    }
    return lying;
  }

  private static Placing placing(Plan plan, DecorationForm art) {
    return plan.together().placed().stream()
        .filter(placed -> placed.decoration().equals(art.id()))
        .map(PlacedDecoration::placing)
        .findFirst()
        .orElseThrow();
  }

  private void things(Sheet sheet, TicketView ticket, Plan plan) throws IOException {
    sheet.heading(say("proof.things"), 14);
    for (int i = 0; i < ticket.decorations().size(); i++) {
      DecorationForm art = ticket.decorations().get(i);
      sheet.row(
          10.5f,
          COLUMNS,
          String.valueOf(i + 1),
          art.description() + ", " + made(art),
          say("proof.size", length(art.width()), length(art.height())),
          where(placing(plan, art)));
    }
    sheet.space(6);
  }

  /** By its medium only where the maker took one. */
  private String made(DecorationForm art) {
    String said = say("proof.colours", art.colours(), art.lightest().term());
    String colours = said.substring(0, 1).toLowerCase(Locale.ENGLISH) + said.substring(1);
    String medium = art.medium();
    return medium == null ? colours : speech.say(new Term("medium." + medium)) + ", " + colours;
  }

  private String where(Placing placing) {
    double across = placing.art().middle();
    String key = across == 0 ? "proof.centre" : across > 0 ? "proof.right" : "proof.left";
    Sentence along =
        placing.art().y() < 0
            ? Sentence.of("proof.above", length(-placing.art().y()))
            : Sentence.of("proof.below", length(placing.art().y()));
    return say(key, placing.face().term(), along, length(Math.abs(across)));
  }

  private static Millimetres length(double mm) {
    return Millimetres.of(Math.round(mm * 10) / 10.0);
  }

  private void names(Sheet sheet, TicketView ticket) throws IOException {
    List<RosterEntryForm> roster = ticket.roster();
    if (roster.isEmpty()) {
      return;
    }
    sheet.heading(say("proof.names"), 14);
    for (int i = 0; i < roster.size(); i++) {
      RosterEntryForm entry = roster.get(i);
      sheet.row(10, ROSTER, String.valueOf(i + 1), entry.name(), entry.number(), entry.size());
    }
    sheet.space(6);
  }

  private void care(Sheet sheet, Plan plan) throws IOException {
    sheet.heading(say("proof.care"), 14);
    String lines =
        plan.care().stream()
            .map(line -> speech.say(line, Units.METRIC))
            .collect(Collectors.joining(" "));
    sheet.paragraph(lines, 10.5f);
    sheet.space(10);
  }

  private void approval(Sheet sheet) throws IOException {
    sheet.need(90);
    sheet.paragraph(say("proof.check"), 10.5f);
    sheet.space(34);
    sheet.paragraph(say("proof.sign"), 10.5f);
  }

  private String say(String key, Object... arguments) {
    return speech.say(Sentence.of(key, arguments), Units.METRIC);
  }

  private String word(Worded word) {
    return speech.say(word.term());
  }
}
