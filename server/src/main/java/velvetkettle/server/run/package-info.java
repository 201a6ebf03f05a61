/** At the press. Enters: events from the browser. Leaves: where each run stands. */
@NullMarked
package velvetkettle.server.run;

import org.jspecify.annotations.NullMarked;
