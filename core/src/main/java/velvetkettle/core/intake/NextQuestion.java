package velvetkettle.core.intake;

import java.util.List;
import velvetkettle.core.quantity.Sentence;

/**
 * What is asked next about an order.
 *
 * @param ask the question
 * @param why what depends on it
 * @param answers words to be put behind the order, which is then read with them
 * @param needed whether no advice is worth much without it
 */
public record NextQuestion(
    Field about, Sentence ask, Sentence why, List<String> answers, boolean needed) {}
