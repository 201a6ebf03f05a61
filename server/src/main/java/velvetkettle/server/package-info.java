/**
 * The application: HTTP and PostgreSQL round the craft of core. One package a room, beside a few
 * for what all rooms share.
 */
@NullMarked
package velvetkettle.server;

import org.jspecify.annotations.NullMarked;
