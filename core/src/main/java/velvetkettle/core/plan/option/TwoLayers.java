package velvetkettle.core.plan.option;

/**
 * A way of two layers: a film that keeps the dye of the cloth back, and over it what could not lie
 * on that cloth alone.
 *
 * @param below the key of the medium that is pressed first, a little larger than the art
 * @param option what is pressed over it; its margins are the narrower of both, and its order takes
 *     the work of both
 */
public record TwoLayers(String below, Option option) {}
