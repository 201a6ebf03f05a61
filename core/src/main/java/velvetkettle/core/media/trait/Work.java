package velvetkettle.core.media.trait;

import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.school.Schools;

/** What is to be done, as a medium needs to know it to say how it is pressed. */
public record Work(Garment garment, Artwork artwork, Schools schools) {}
