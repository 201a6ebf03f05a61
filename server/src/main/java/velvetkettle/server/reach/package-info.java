/** Who may reach the application: this machine only. */
@NullMarked
package velvetkettle.server.reach;

import org.jspecify.annotations.NullMarked;
