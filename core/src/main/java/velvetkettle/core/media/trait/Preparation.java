package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Sentence;

/** Something to do with the art and the material before the press. */
public record Preparation(Sentence say, Occasion when) {}
