/**
 * What comes in from other shops and programs and goes out to them. In go orders as tables and
 * tickets as JSON files, which are never trusted; out come tickets, each bad line with its reason,
 * and files in open formats.
 */
@NullMarked
package velvetkettle.server.exchange;

import org.jspecify.annotations.NullMarked;
