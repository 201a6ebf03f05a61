/** Paper at true size: pages of a PDF whose foot has a bar to measure. */
@NullMarked
package velvetkettle.server.cut.paper;

import org.jspecify.annotations.NullMarked;
