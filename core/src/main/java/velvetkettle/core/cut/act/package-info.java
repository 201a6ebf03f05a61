/** What hands do to cut what is laid, in its order. */
@NullMarked
package velvetkettle.core.cut.act;

import org.jspecify.annotations.NullMarked;
