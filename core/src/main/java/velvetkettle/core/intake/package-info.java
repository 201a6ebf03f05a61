/**
 * Orders as people say and paste them. Enters: a sentence and today's date. Leaves: an {@link
 * velvetkettle.core.intake.Intake}, the fields that stand in it with where they stand and whether
 * that is sure. Nothing is guessed that is not said.
 */
@NullMarked
package velvetkettle.core.intake;

import org.jspecify.annotations.NullMarked;
