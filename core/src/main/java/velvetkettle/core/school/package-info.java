/**
 * Where makers disagree, and which school a shop keeps to. Enters: nothing but the trade's
 * knowledge. Leaves: one school for each question; the first is ours, with its reason in the words
 * {@code school.NAME.why}. All of it: common practice, no source.
 */
@NullMarked
package velvetkettle.core.school;

import org.jspecify.annotations.NullMarked;
