/**
 * How one medium is pressed on one garment: temperature, time, pressure, peel and cover, each with
 * what it rests on, and the Stack under the platen. Enters: a job, a thing of it and a medium.
 * Leaves: a {@link velvetkettle.core.plan.recipe.Recipe}.
 */
@NullMarked
package velvetkettle.core.plan.recipe;

import org.jspecify.annotations.NullMarked;
