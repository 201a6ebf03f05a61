/** How MyBatis reads and writes the types that JDBC does not know. */
@NullMarked
package velvetkettle.server.json.handler;

import org.jspecify.annotations.NullMarked;
