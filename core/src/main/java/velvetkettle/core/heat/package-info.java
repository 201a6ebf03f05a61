/**
 * What happens inside the Stack, put into three margins: Hold, Mark, Bleed. Enters: one pressing
 * (garment, medium, setting, press). Leaves: a word, a figure and a reason for each question. Until
 * the heat computation fills {@link velvetkettle.core.heat.MarginModel}, {@link
 * velvetkettle.core.heat.PracticeMargins} answers from practice.
 */
@NullMarked
package velvetkettle.core.heat;

import org.jspecify.annotations.NullMarked;
