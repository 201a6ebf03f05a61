/**
 * How far nine of ten presses stray from the likeliest one. Enters: a few runs with what is not
 * known moved off its middle. Leaves: a band around each value.
 */
@NullMarked
package velvetkettle.core.heat.band;

import org.jspecify.annotations.NullMarked;
