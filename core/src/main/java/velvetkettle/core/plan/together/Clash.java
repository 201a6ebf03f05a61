package velvetkettle.core.plan.together;

import velvetkettle.core.quantity.Sentence;

/**
 * Two decorations that no order of work brings onto one garment.
 *
 * @param first id of the one that would have to lie there already
 * @param second id of the one that would be pressed after it
 * @param reason why not, and why not the other way round either
 * @param lift what to change
 */
public record Clash(String first, String second, Sentence reason, Sentence lift) {}
