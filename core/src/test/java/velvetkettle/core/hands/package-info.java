/**
 * A literal maker: it knows what a pair of hands knows, carries a plan out act by act, keeps its
 * own record of what lies where, and tells every breach. It stands apart from what writes plans: it
 * must not know {@link velvetkettle.core.work.Bench}, the writers or the rules (ArchitectureTest).
 */
@NullMarked
package velvetkettle.core.hands;

import org.jspecify.annotations.NullMarked;
