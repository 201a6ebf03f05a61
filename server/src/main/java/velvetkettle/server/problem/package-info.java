/** What went wrong, as problem details (RFC 9457) with a stable type, the field and what to do. */
@NullMarked
package velvetkettle.server.problem;

import org.jspecify.annotations.NullMarked;
