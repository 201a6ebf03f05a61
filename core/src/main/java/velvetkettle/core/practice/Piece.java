package velvetkettle.core.practice;

import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.quantity.Sentence;

/**
 * A garment to practise on, with what goes on it.
 *
 * @param task what there is to learn from it
 * @param medium the key of one that is pressed
 */
public record Piece(
    String key, Sentence name, Sentence task, Garment garment, Artwork artwork, String medium) {}
