package velvetkettle.core.plan.recipe;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Sentence;

/**
 * How medium and sheets lie at the main press, and how the art was turned for it.
 *
 * @param side of the garment that meets the heat
 * @param glueSide how to tell which side is the glue
 */
public record LayUp(
    Recommended<CoverSheet> cover,
    Side side,
    Recommended<Orientation> orientation,
    CutFace cutFace,
    @Nullable Sentence glueSide) {}
