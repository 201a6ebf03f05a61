package velvetkettle.server.problem;

import velvetkettle.core.quantity.Sentence;

/** Understood, but it cannot be done; the sentence says what to do. */
public final class RefusedException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String field;
  private final transient Sentence sentence;

  /**
   * @param field the path of the field that is at fault, for example {@code garment.label}
   */
  public RefusedException(String field, Sentence sentence) {
    super(sentence.key());
    this.field = field;
    this.sentence = sentence;
  }

  public String field() {
    return field;
  }

  public Sentence sentence() {
    return sentence;
  }
}
