package velvetkettle.core.heat;

/** What heat says to the three questions, each in one word and without its warnings. */
public record Verdicts(Verdict hold, Verdict mark, Verdict bleed) {
  public Verdict of(Question question) {
    return switch (question) {
      case HOLD -> hold;
      case MARK -> mark;
      case BLEED -> bleed;
      default -> throw new IllegalArgumentException("no margin answers " + question);
    };
  }
}
