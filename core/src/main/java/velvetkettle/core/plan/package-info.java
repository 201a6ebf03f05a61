/**
 * From a garment and what is to go on it to ranked methods, a recipe with evidence, and the work
 * that hands do. Enters: a {@link velvetkettle.core.plan.job.JobRequest}. Leaves: a {@link
 * velvetkettle.core.plan.Plan}, which never changes once made.
 *
 * <ol>
 *   <li>Each medium gets its recipe ({@code recipe}), its margins (heat) and the rules' answers
 *       ({@code rule}); what will do is ranked ({@code option}).
 *   <li>What was taken is put together: an order in which nothing undoes what lies there ({@code
 *       together}).
 *   <li>{@link velvetkettle.core.plan.order.OrderOfWork} composes the acts of that order.
 *   <li>{@code TableSteps} tells what is done to the things themselves before.
 *   <li>{@code StepWriter} carries them out at a bench and tells each move as a {@link
 *       velvetkettle.core.plan.Step}: its words, its Stack, its setting, its time.
 *   <li>{@link velvetkettle.core.plan.order.PlacePhases} carries them out for one place and tells
 *       heat what it meets there: at every place of what was chosen ({@link
 *       velvetkettle.core.plan.order.PressedPlaces}).
 *   <li>Totals, cautions, the press card, the run and the heat story are read off the steps.
 * </ol>
 */
@NullMarked
package velvetkettle.core.plan;

import org.jspecify.annotations.NullMarked;
