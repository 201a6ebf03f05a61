/**
 * What heat does over time: bonds, scorches, drives dye and print into gas. Enters: temperatures
 * along a trace. Leaves: doses, each a small named thing with its constants and where they come
 * from.
 */
@NullMarked
package velvetkettle.core.heat.dose;

import org.jspecify.annotations.NullMarked;
