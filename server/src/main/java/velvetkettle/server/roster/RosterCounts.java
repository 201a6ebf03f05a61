package velvetkettle.server.roster;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import velvetkettle.core.roster.Count;
import velvetkettle.core.roster.Roster;
import velvetkettle.core.roster.SizeScale;

/**
 * What a roster comes to.
 *
 * @param sizes garments of each size, from small to large
 * @param letters that have to be cut, as written
 * @param scales of the layout on each size
 */
public record RosterCounts(List<Count> sizes, List<Count> letters, Map<String, Double> scales) {
  /** Lines that are not filled in yet do not count. */
  public static RosterCounts of(List<RosterEntryForm> entries) {
    Roster roster =
        new Roster(
            entries.stream()
                .filter(entry -> !entry.saysNothing())
                .map(RosterEntryForm::entry)
                .toList());
    Map<String, Double> scales = new LinkedHashMap<>();
    roster.sizes().forEach(size -> scales.put(size.what(), SizeScale.of(size.what())));
    return new RosterCounts(roster.sizes(), roster.letters(), scales);
  }
}
