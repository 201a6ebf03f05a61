/**
 * Heat and moisture through the layers between the platens, in one direction.
 *
 * <ol>
 *   <li>Each layer is cut into cells; what lies between two cells is one conductance, so that the
 *       drop at a contact is exact.
 *   <li>A step is one of a Rosenbrock method: implicit in temperature, water and vapour, linear in
 *       each of its four stages.
 *   <li>Its last stage is its error, which sets the next step.
 * </ol>
 *
 * Enters: layers with their state, what lies above and below, pressure and time. Leaves: their
 * state afterwards and what happened on the way. Not modelled: sideways flow at edges and seams.
 */
@NullMarked
package velvetkettle.core.heat.conduction;

import org.jspecify.annotations.NullMarked;
