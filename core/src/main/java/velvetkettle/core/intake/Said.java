package velvetkettle.core.intake;

/**
 * Something that stands in a sentence.
 *
 * @param from index of its first character
 * @param to behind its last
 * @param sure whether it can hardly mean anything else; what is misspelt or bent is not
 */
public record Said<T>(T value, int from, int to, boolean sure) {}
