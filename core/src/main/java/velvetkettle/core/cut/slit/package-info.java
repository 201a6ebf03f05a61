/**
 * Slits over a panel that shows through them. In go the panel, the spacing and how far the cloth is
 * stretched; out come the slits, what shows at rest and stretched, and the board that goes inside.
 */
@NullMarked
package velvetkettle.core.cut.slit;

import org.jspecify.annotations.NullMarked;
