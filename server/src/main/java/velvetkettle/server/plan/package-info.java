/** Tickets and their plans. Enters: a ticket as typed. Leaves: plans, stored as made. */
@NullMarked
package velvetkettle.server.plan;

import org.jspecify.annotations.NullMarked;
