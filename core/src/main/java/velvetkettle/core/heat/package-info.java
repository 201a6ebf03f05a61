/**
 * What happens inside the Stack, put into three margins: Hold, Mark, Bleed. Enters: one pressing
 * (garment, medium, setting, press, and all phases of the work that bring heat). Leaves: a word, a
 * figure and a reason for each question, how long to dry, the heat story, and how sure it all is.
 */
@NullMarked
package velvetkettle.core.heat;

import org.jspecify.annotations.NullMarked;
