/**
 * The sums of the bench, each as a whole: what was asked goes in; drawings at true size, what a
 * maker wants to know, what may go wrong and what to do come out.
 */
@NullMarked
package velvetkettle.core.cut.sum;

import org.jspecify.annotations.NullMarked;
