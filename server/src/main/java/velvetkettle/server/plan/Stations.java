package velvetkettle.server.plan;

import java.util.List;
import java.util.stream.Stream;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Orientation;
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
      MediaCatalogue known,
      boolean planned,
      boolean current,
      int logged) {
    return List.of(
        new StationState(Station.GARMENT, State.DONE, Sentence.of("station.done")),
        method(decorations, planned, current),
        cut(ticket, decorations, known),
        press(ticket, planned, logged),
        check(ticket, planned, logged));
  }

  private static StationState method(
      List<DecorationForm> decorations, boolean planned, boolean current) {
    List<String> media = taken(decorations);
    if (!planned || media.size() < decorations.size()) {
      return new StationState(Station.METHOD, State.OPEN, Sentence.of("station.method.choose"));
    }
    if (!current) {
      return new StationState(Station.METHOD, State.OPEN, Sentence.of("station.method.changed"));
    }
    long different = media.stream().distinct().count();
    Term first = new Term("medium." + media.get(0));
    return new StationState(
        Station.METHOD,
        State.DONE,
        different == 1
            ? Sentence.of("station.method.taken", first)
            : Sentence.of("station.method.taken-several", first, (int) different - 1));
  }

  /** Of all that goes on, as far as it is taken. */
  private static List<String> taken(List<DecorationForm> decorations) {
    return decorations.stream()
        .flatMap(decoration -> Stream.ofNullable(decoration.medium()))
        .toList();
  }

  /** Open as long as any of the things is to be cut or printed. */
  private static StationState cut(
      TicketRow ticket, List<DecorationForm> decorations, MediaCatalogue known) {
    List<String> media = taken(decorations);
    if (media.size() < decorations.size()) {
      return new StationState(Station.CUT, State.WAITING, Sentence.of("station.waits-method"));
    }
    List<Medium> pressed = media.stream().flatMap(medium -> known.find(medium).stream()).toList();
    List<Medium> worked = pressed.stream().filter(m -> m.handling().cutFace().worked()).toList();
    if (worked.isEmpty()) {
      String key = pressed.isEmpty() ? "station.cut.nothing" : "station.cut.made";
      return new StationState(Station.CUT, State.DONE, Sentence.of(key));
    }
    if (ticket.station().compareTo(Station.CUT) > 0) {
      return new StationState(Station.CUT, State.DONE, Sentence.of("station.cut.done"));
    }
    long mirrored =
        worked.stream().filter(m -> m.handling().orientation() == Orientation.MIRRORED).count();
    String way = mirrored == worked.size() ? "mirror" : mirrored == 0 ? "as-seen" : "some-mirrored";
    return new StationState(Station.CUT, State.OPEN, Sentence.of("station.cut." + way));
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
