package velvetkettle.core.plan.rule;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Artwork;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.press.Press;

/** One medium held against one job. */
public record Weighing(Garment garment, Artwork artwork, PressMedium medium, Press press) {}
