package velvetkettle.core.cut.shape;

/**
 * Counts where edges cross while they are taken apart there: a star of a few thousand corners
 * crosses itself millions of times. One count may go through all paths of a drawing.
 */
public final class Crossings {
  /** So many fit into memory; a stroke round many corners crosses itself thousands of times. */
  public static final int OF_DRAWING = 100_000;

  /** What its share of the rest of the work costs. */
  private static final int CROSSING = 5;

  private final int most;
  private final WorkBudget budget;
  private int count;

  /**
   * @param most how many are taken apart
   * @param budget pays for each
   */
  public Crossings(int most, WorkBudget budget) {
    this.most = most;
    this.budget = budget;
  }

  /** As many as a drawing that somebody brought may have. */
  public static Crossings ofDrawing(WorkBudget budget) {
    return new Crossings(OF_DRAWING, budget);
  }

  /** More than are taken apart. */
  public static final class TooManyException extends RuntimeException {
    private static final long serialVersionUID = 1;
  }

  /**
   * @throws TooManyException where there are more
   * @throws WorkBudget.SpentException where the budget does not reach
   */
  void one() {
    budget.spend(CROSSING);
    if (++count > most) {
      throw new TooManyException();
    }
  }
}
