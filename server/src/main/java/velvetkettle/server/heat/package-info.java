/** How sure the heat computation is. Enters: nothing. Leaves: what it stands on, in words. */
@NullMarked
package velvetkettle.server.heat;

import org.jspecify.annotations.NullMarked;
