package velvetkettle.server.plan;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Orientation;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.plan.TicketView.State;
import velvetkettle.server.plan.TicketView.StationState;

/**
 * What each station of a ticket has to say. Nothing is locked: a waiting station only says what it
 * waits for.
 */
final class Stations {
  private Stations() {}

  static List<StationState> of(
      TicketRow ticket,
      List<DecorationForm> decorations,
      boolean planned,
      boolean current,
      int logged) {
    return List.of(
        new StationState(Station.GARMENT, State.DONE, Sentence.of("station.done")),
        method(decorations, planned, current),
        cut(ticket, decorations),
        press(ticket, planned, logged),
        check(ticket, planned, logged));
  }

  private static StationState method(
      List<DecorationForm> decorations, boolean planned, boolean current) {
    String medium = decorations.get(0).medium();
    if (!planned || medium == null) {
      return new StationState(Station.METHOD, State.OPEN, Sentence.of("station.method.choose"));
    }
    return current
        ? new StationState(
            Station.METHOD,
            State.DONE,
            Sentence.of("station.method.taken", new Term("medium." + medium)))
        : new StationState(Station.METHOD, State.OPEN, Sentence.of("station.method.changed"));
  }

  private static StationState cut(TicketRow ticket, List<DecorationForm> decorations) {
    String medium = decorations.get(0).medium();
    if (medium == null) {
      return new StationState(Station.CUT, State.WAITING, Sentence.of("station.waits-method"));
    }
    Optional<PressMedium> pressed = MediaCatalogue.pressed(medium);
    if (pressed.isEmpty()) {
      return new StationState(Station.CUT, State.DONE, Sentence.of("station.cut.nothing"));
    }
    if (!pressed.get().cutFace().worked()) {
      return new StationState(Station.CUT, State.DONE, Sentence.of("station.cut.made"));
    }
    if (ticket.station().compareTo(Station.CUT) > 0) {
      return new StationState(Station.CUT, State.DONE, Sentence.of("station.cut.done"));
    }
    boolean mirrored = pressed.get().orientation() == Orientation.MIRRORED;
    return new StationState(
        Station.CUT,
        State.OPEN,
        Sentence.of(mirrored ? "station.cut.mirror" : "station.cut.as-seen"));
  }

  private static StationState press(TicketRow ticket, boolean planned, int logged) {
    if (!planned) {
      return new StationState(Station.PRESS, State.WAITING, Sentence.of("station.waits-method"));
    }
    return logged >= ticket.pieces()
        ? new StationState(Station.PRESS, State.DONE, Sentence.of("station.press.done"))
        : new StationState(
            Station.PRESS,
            State.OPEN,
            Sentence.of("station.press.ready", ticket.pieces() - logged));
  }

  private static StationState check(TicketRow ticket, boolean planned, int logged) {
    if (!planned) {
      return new StationState(Station.CHECK, State.WAITING, Sentence.of("station.waits-method"));
    }
    return logged >= ticket.pieces()
        ? new StationState(Station.CHECK, State.DONE, Sentence.of("station.check.done", logged))
        : new StationState(
            Station.CHECK,
            State.OPEN,
            Sentence.of("station.check.logged", logged, ticket.pieces()));
  }
}
