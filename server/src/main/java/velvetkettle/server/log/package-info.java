/** How runs came out. Enters: an outcome. Leaves: experience for the next plan. */
@NullMarked
package velvetkettle.server.log;

import org.jspecify.annotations.NullMarked;
