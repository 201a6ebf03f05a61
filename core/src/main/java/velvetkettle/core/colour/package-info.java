/**
 * Colours as the eye takes them. In go colours as a screen has them; out come their lightness and
 * hue, how far two are apart, and whether one shows on the other.
 */
@NullMarked
package velvetkettle.core.colour;

import org.jspecify.annotations.NullMarked;
