package velvetkettle.core.plan.together;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.place.Placing;

/**
 * Where a decoration lies and how its platen comes down on it.
 *
 * @param press the tool, by its name; null where it is fixed without heat
 */
public record PlacedDecoration(String decoration, @Nullable String press, Placing placing) {}
