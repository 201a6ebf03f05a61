package velvetkettle.core.day;

/**
 * One visit in a schedule.
 *
 * @param batch its id
 * @param piece number of the piece, from 1
 * @param visit which of its visits, from 0
 * @param from whole s from now
 * @param until likewise
 */
public record Placement(String batch, int piece, int visit, int from, int until) {}
