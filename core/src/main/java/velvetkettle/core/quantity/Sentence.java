package velvetkettle.core.quantity;

import java.util.Arrays;
import java.util.List;

/**
 * Something to say: a message key and typed arguments. Core never writes prose, so that the same
 * fact can be said in °C or °F, on a screen, on paper and in another language.
 *
 * @param key the message's key
 * @param arguments terms, sentences, quantities, whole numbers or plain names that people typed
 */
public record Sentence(String key, List<Object> arguments) {
  public Sentence {
    arguments = arguments.stream().map(Sentence::speakable).toList();
  }

  public static Sentence of(String key, Object... arguments) {
    return new Sentence(key, Arrays.asList(arguments));
  }

  private static Object speakable(Object argument) {
    if (argument instanceof Worded worded) {
      return worded.term();
    }
    if (argument instanceof Term
        || argument instanceof Sentence
        || argument instanceof String
        || argument instanceof Integer
        || argument instanceof Celsius
        || argument instanceof Kelvin
        || argument instanceof Seconds
        || argument instanceof Times
        || argument instanceof Millimetres
        || argument instanceof KiloPascal) {
      return argument;
    }
    throw new IllegalArgumentException(
        "a sentence cannot carry a " + argument.getClass().getName());
  }
}
