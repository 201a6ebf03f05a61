/**
 * Heat and moisture through the layers between the platens, in one direction.
 *
 * <ol>
 *   <li>Each layer is cut into cells; what lies between two cells is one conductance, so that the
 *       drop at a contact is exact.
 *   <li>A step is implicit in temperature; the drying of cloth is linearised inside it.
 *   <li>Every step is done once whole and twice halved; the difference sets the next step and the
 *       extrapolation is kept.
 * </ol>
 *
 * Enters: layers with their state, what lies above and below, pressure and time. Leaves: their
 * state afterwards and what happened on the way. Not modelled: sideways flow at edges and seams,
 * re-sorption and recondensation of water.
 */
@NullMarked
package velvetkettle.core.heat.conduction;

import org.jspecify.annotations.NullMarked;
