package velvetkettle.server.plan;

import java.util.Locale;

/** Which words of a ticket a search looks at, and what it looks for. */
final class TicketSearch {
  private TicketSearch() {}

  /** Kept beside the ticket: its name, its title, who ordered it and on what garment. */
  static String words(String name, TicketForm ticket) {
    return String.join(" ", name, ticket.title(), ticket.customer(), ticket.garment().name())
        .toLowerCase(Locale.ROOT);
  }

  /** What was typed, anywhere in the words; signs of the database's own mean themselves. */
  static String pattern(String typed) {
    return "%" + typed.replace("\0", "").strip().replaceAll("([%_\\\\])", "\\\\$1") + "%";
  }
}
