/**
 * What can be said of a medium: how it looks, what it is made of, how hands and presses treat it,
 * how it wears and in which words. Enters: nothing. Leaves: values that rules, recipes, steps,
 * drawings and layouts ask. A trait is named after what it means for the work, never after a
 * medium.
 */
@NullMarked
package velvetkettle.core.media.trait;

import org.jspecify.annotations.NullMarked;
