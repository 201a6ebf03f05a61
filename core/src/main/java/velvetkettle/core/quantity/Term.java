package velvetkettle.core.quantity;

/** The name of a thing of the trade, as a key that the outer layers put into a language. */
public record Term(String key) {
  public Term {
    if (key.isBlank()) {
      throw new IllegalArgumentException("a term needs a key");
    }
  }
}
