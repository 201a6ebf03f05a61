/**
 * Tables as people save them. In go the bytes of a file; out come lines and cells, whatever the
 * encoding and the separator, and where they break off.
 */
@NullMarked
package velvetkettle.server.table;

import org.jspecify.annotations.NullMarked;
