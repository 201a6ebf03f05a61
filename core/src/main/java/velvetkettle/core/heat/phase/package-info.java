/**
 * The work as heat meets it: phases in which the press is closed over a Stack or the piece lies
 * open, with what the layers are made of. Enters: phases, garment, press, room. Leaves: what heat
 * did in each, and one reading of it all.
 */
@NullMarked
package velvetkettle.core.heat.phase;

import org.jspecify.annotations.NullMarked;
