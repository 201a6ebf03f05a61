/**
 * Strips of web round a print or panel. In go the panel with its border and the strip's width; out
 * come the strips with their lengths and corners, what is cut from the roll, and where the platen
 * comes down along the rim.
 */
@NullMarked
package velvetkettle.core.cut.strip;

import org.jspecify.annotations.NullMarked;
