package velvetkettle.core.plan.recipe;

import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;

/** A press beside the main one, as the tool in hand is set for it. */
public record ShortPress(ExtraPress.Kind kind, Side side, CoverSheet cover, Setting setting) {}
