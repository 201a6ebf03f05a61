/**
 * All settings of one pressing at once. Enters: a pressing, whose temperature and time are left
 * open. Leaves: a map of platen temperature and time with the edges of Hold, Mark and Bleed, and
 * the point that forgives most.
 */
@NullMarked
package velvetkettle.core.heat.window;

import org.jspecify.annotations.NullMarked;
