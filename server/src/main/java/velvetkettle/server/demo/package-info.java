/**
 * An invented harbour-town shop to look around in. Enters: a seed and the time. Leaves: a full
 * working day in the database.
 */
@NullMarked
package velvetkettle.server.demo;

import org.jspecify.annotations.NullMarked;
