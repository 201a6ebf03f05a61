package velvetkettle.core.plan.recipe;

import velvetkettle.core.quantity.Sentence;

/** One line of why a number is what it is. */
public record Evidence(Source source, Sentence sentence) {
  static Evidence trade(String key, Object... arguments) {
    return new Evidence(Source.TRADE, Sentence.of(key, arguments));
  }
}
