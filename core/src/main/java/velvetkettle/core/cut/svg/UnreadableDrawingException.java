package velvetkettle.core.cut.svg;

import velvetkettle.core.quantity.Sentence;

/** A file that cannot be read as a drawing; the sentence says what is wrong and what to do. */
public final class UnreadableDrawingException extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Sentence sentence;

  public UnreadableDrawingException(Sentence sentence) {
    super(sentence.toString());
    this.sentence = sentence;
  }

  static UnreadableDrawingException of(String key, Object... arguments) {
    return new UnreadableDrawingException(Sentence.of(key, arguments));
  }

  public Sentence sentence() {
    return sentence;
  }
}
