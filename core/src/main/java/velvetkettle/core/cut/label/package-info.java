/**
 * Labels on tape or on printed pages. In go their measures, their words and what they are made of;
 * out come how many a strip, a page and a closing of the platen hold, and the strips to be printed,
 * cut and folded.
 */
@NullMarked
package velvetkettle.core.cut.label;

import org.jspecify.annotations.NullMarked;
