package velvetkettle.core.media.trait;

/**
 * How it is to wear [common practice, no source].
 *
 * @param hand how it sits in the hand and moves with the cloth: 1 stiff, 5 not to be felt
 * @param wear how long it lasts in wear and wash: 1 to 5
 * @param skin how it is on skin, seen from the inside: 1 scratches, 5 not to be felt
 * @param stretches whether it goes with cloth that stretches far
 */
public record Feel(int hand, int wear, int skin, boolean stretches) {}
