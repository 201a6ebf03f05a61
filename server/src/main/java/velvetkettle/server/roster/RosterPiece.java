package velvetkettle.server.roster;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.roster.Lettering;
import velvetkettle.core.roster.SizeScale;

/**
 * A piece of a roster on its way.
 *
 * @param done whether it is ticked off
 * @param centre where its name has its centre; null where it has fewer than two letters
 * @param scale of the layout on its size
 */
public record RosterPiece(boolean done, @Nullable Sentence centre, double scale) {
  /**
   * In the order of the roster.
   *
   * @param ticked keys of those that are ticked off
   */
  public static List<RosterPiece> of(List<RosterEntryForm> roster, Collection<String> ticked) {
    List<RosterPiece> pieces = new ArrayList<>();
    List<String> keys = keys(roster);
    for (int i = 0; i < roster.size(); i++) {
      RosterEntryForm entry = roster.get(i);
      pieces.add(
          new RosterPiece(
              ticked.contains(keys.get(i)),
              Lettering.centre(entry.name()).orElse(null),
              SizeScale.of(entry.size())));
    }
    return pieces;
  }

  /** What each entry is known by: what it says, and the how manieth of those that say the same. */
  public static List<String> keys(List<RosterEntryForm> roster) {
    Map<RosterEntryForm, Integer> seen = new HashMap<>();
    return roster.stream()
        .map(
            entry ->
                String.join(
                    "\n",
                    entry.name(),
                    entry.number(),
                    entry.size(),
                    String.valueOf(seen.merge(entry, 1, Integer::sum))))
        .toList();
  }
}
