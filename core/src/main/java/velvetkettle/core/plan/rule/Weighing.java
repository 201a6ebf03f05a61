package velvetkettle.core.plan.rule;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Artwork;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.media.school.Schools;
import velvetkettle.core.press.Press;

/** One medium, with the tool it would be pressed by, held against one job. */
public record Weighing(
    Garment garment,
    Artwork artwork,
    PressMedium medium,
    Press press,
    int pieces,
    Schools schools) {}
