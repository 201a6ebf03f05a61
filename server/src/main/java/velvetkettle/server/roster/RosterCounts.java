package velvetkettle.server.roster;

import java.util.List;
import velvetkettle.core.roster.Count;
import velvetkettle.core.roster.Roster;

/**
 * What a roster comes to.
 *
 * @param sizes garments of each size, from small to large
 * @param letters that have to be cut, as written
 */
public record RosterCounts(List<Count> sizes, List<Count> letters) {
  /** Lines that are not filled in yet do not count. */
  public static RosterCounts of(List<RosterEntryForm> entries) {
    Roster roster =
        new Roster(
            entries.stream()
                .filter(entry -> !entry.saysNothing())
                .map(RosterEntryForm::entry)
                .toList());
    return new RosterCounts(roster.sizes(), roster.letters());
  }
}
