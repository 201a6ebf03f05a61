package velvetkettle.server;

import java.util.List;

/**
 * One page of a list.
 *
 * @param page from 0
 * @param total rows on all pages
 */
public record Page<T>(List<T> items, int page, int size, long total) {}
