package velvetkettle.server.practice;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Sentence;

/**
 * Something to practise on.
 *
 * @param key null for the thing of a ticket
 * @param medium its name
 * @param peels whether there is a carrier to wait for
 * @param stack as it usually lies in the press
 */
public record PieceView(
    @Nullable String key,
    Sentence name,
    Sentence task,
    Sentence medium,
    boolean peels,
    Depth depth,
    Hue hue,
    Stack stack) {}
