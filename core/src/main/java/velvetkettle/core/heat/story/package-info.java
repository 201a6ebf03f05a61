/**
 * The heat told over time, for looking at. Enters: a pressing. Leaves: curves, events, limits, when
 * to peel, and what each dose came to.
 */
@NullMarked
package velvetkettle.core.heat.story;

import org.jspecify.annotations.NullMarked;
