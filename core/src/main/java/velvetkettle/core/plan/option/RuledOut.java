package velvetkettle.core.plan.option;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/**
 * A medium that will not do for this job, why, and what would bring it back.
 *
 * @param bySetting whether only its usual setting will not do, and another might
 * @param below the key of a medium that keeps the dye of the cloth from it: laid below all of it,
 *     this one will do; null where none would bring it back
 */
public record RuledOut(
    String medium,
    Term name,
    Question question,
    Sentence reason,
    Sentence lift,
    boolean bySetting,
    @Nullable String below)
    implements Weighed {}
