package velvetkettle.server.plan;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.roster.RosterEntryForm;
import velvetkettle.server.roster.RosterPiece;

/**
 * A ticket with where it stands.
 *
 * @param name what is written on it, for example VK-118
 * @param rosterPieces how far each entry of the roster is, in its order
 * @param stations what each station says
 * @param planId the newest plan; null before the first
 * @param planCurrent whether that plan was made from the ticket as it stands now
 * @param logged pieces whose outcome is logged
 */
public record TicketView(
    UUID id,
    String name,
    String title,
    String customer,
    Instant dueAt,
    int pieces,
    UUID pressId,
    Press press,
    GarmentForm garment,
    List<DecorationForm> decorations,
    List<RosterEntryForm> roster,
    List<RosterPiece> rosterPieces,
    int version,
    Station station,
    List<StationState> stations,
    @Nullable UUID planId,
    boolean planCurrent,
    int logged) {
  /** As the maker typed it. */
  public TicketForm form() {
    return new TicketForm(
        title, customer, dueAt, pieces, pressId, garment, decorations, roster, version);
  }

  /** Whether a station is done, open, or waits for something. */
  public enum State {
    DONE,
    OPEN,
    WAITING
  }

  public record StationState(Station station, State state, Sentence note) {}
}
