/**
 * Whether what is saved can be kept: the room on the disk, the connections to the database. Enters
 * what the disk and the database say; leaves a refusal before anything is written, and what {@code
 * ./kettle status} and the banner tell.
 */
@NullMarked
package velvetkettle.server.keeping;

import org.jspecify.annotations.NullMarked;
