package velvetkettle.core.plan.option;

import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/**
 * A medium that will not do for this job, why, and what would bring it back.
 *
 * @param bySetting whether only its usual setting will not do, and another might
 */
public record RuledOut(
    String medium, Term name, Question question, Sentence reason, Sentence lift, boolean bySetting)
    implements Weighed {}
