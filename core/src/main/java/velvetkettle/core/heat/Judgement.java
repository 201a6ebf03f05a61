package velvetkettle.core.heat;

import org.jspecify.annotations.Nullable;

/**
 * The margins of a pressing.
 *
 * @param heat null where heat was not computed
 */
public record Judgement(Margins margins, @Nullable HeatReading heat) {}
