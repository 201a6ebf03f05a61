/**
 * Where the server computes: beside the requests, in few threads with a short queue, never inside a
 * transaction, and no longer than somebody waits for it.
 */
@NullMarked
package velvetkettle.server.compute;

import org.jspecify.annotations.NullMarked;
