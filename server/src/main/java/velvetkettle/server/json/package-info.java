/** How values look as JSON: spoken to the browser, and stored for years. */
@NullMarked
package velvetkettle.server.json;

import org.jspecify.annotations.NullMarked;
