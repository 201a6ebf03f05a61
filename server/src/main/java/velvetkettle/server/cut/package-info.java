/**
 * The station Cut: art that comes in, what fails in it, where it lies on the mats, and the files
 * for the cutter. Long work is done beside the requests, and can be followed and ended.
 */
@NullMarked
package velvetkettle.server.cut;

import org.jspecify.annotations.NullMarked;
