package velvetkettle.core.plan.together;

import velvetkettle.core.quantity.Term;

/**
 * Another medium for one of several decorations that goes with the rest, and what that costs.
 *
 * @param longer what the order then takes more, s; below 0 where it takes less
 * @param tighter how many margins more are tight when all is pressed; below 0 where fewer are
 */
public record Alternative(String decoration, String medium, Term name, int longer, int tighter) {}
