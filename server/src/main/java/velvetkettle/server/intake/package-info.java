/**
 * Tickets that begin with a sentence. Enters: what the maker says or pastes, and the day it is
 * there. Leaves: the fields of a ticket, each said, unsure or usual, the next question, and hints.
 */
@NullMarked
package velvetkettle.server.intake;

import org.jspecify.annotations.NullMarked;
