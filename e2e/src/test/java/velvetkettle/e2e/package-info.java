/**
 * Journeys of a maker through the packaged application, started by {@code ./kettle start} in a data
 * folder of its own, in Debian's Chromium.
 */
package velvetkettle.e2e;
