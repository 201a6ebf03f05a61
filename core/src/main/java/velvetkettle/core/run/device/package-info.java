/**
 * Small simulated stand-ins for the devices of a shop. Enters: how a device is by nature, and what
 * is done with it. Leaves: what it shows, and what it truly does.
 */
@NullMarked
package velvetkettle.core.run.device;

import org.jspecify.annotations.NullMarked;
