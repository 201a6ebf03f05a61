package velvetkettle.core.quantity;

/** What somebody typed that no garment, press or sheet can have; the sentence says what can be. */
public final class ImpossibleValueException extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  /**
   * @param what cannot be, or what has to be, in words
   */
  public ImpossibleValueException(String what) {
    super(what);
  }

  public Sentence sentence() {
    return Sentence.of("impossible-value", String.valueOf(getMessage()));
  }
}
