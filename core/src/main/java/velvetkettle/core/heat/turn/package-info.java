/**
 * The work as heat meets it: turns in which the press is closed over a Stack or the piece lies
 * open, with what the layers are made of. Enters: turns, garment, press, room. Leaves: what heat
 * did in each, and one reading of it all.
 */
@NullMarked
package velvetkettle.core.heat.turn;

import org.jspecify.annotations.NullMarked;
