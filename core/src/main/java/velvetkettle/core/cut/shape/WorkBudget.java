package velvetkettle.core.cut.shape;

import velvetkettle.core.cut.Progress;

/**
 * What one drawing may ask for in all: steps and corners. Whatever goes through its elements, edges
 * or pairs of edges spends from it, so that no file takes the machine without end, on any machine
 * alike. Who follows the work is asked every few milliseconds, and may set it a time. Of one
 * thread.
 */
public final class WorkBudget {
  /** A step is the look at one pair of edges, 20 to 50 ns: so many take ten or twenty seconds. */
  private static final long STEPS = 400_000_000;

  /** A corner takes about 300 bytes while edges are taken apart: so many fit beside the rest. */
  private static final int CORNERS = 400_000;

  /** How often who follows the work is asked: every few milliseconds. */
  private static final long BETWEEN_LOOKS = 200_000;

  private static final WorkBudget ENDLESS =
      new WorkBudget(Long.MAX_VALUE, Integer.MAX_VALUE, Progress.NONE);

  private final long steps;
  private final int corners;
  private final Progress progress;
  private long spent;
  private long nextLook = BETWEEN_LOOKS;
  private int cornersSpent;
  private int done;

  /** Never 0, so that whoever is told may take shares of it. */
  private int of = 1;

  /**
   * @param progress is told how far it is, and may end it
   */
  public WorkBudget(long steps, int corners, Progress progress) {
    this.steps = steps;
    this.corners = corners;
    this.progress = progress;
  }

  /**
   * For a drawing that somebody brought.
   *
   * @param progress is told how far it is, and may end it
   */
  public static WorkBudget ofDrawing(Progress progress) {
    return new WorkBudget(STEPS, CORNERS, progress);
  }

  /** For shapes of our own making, which are known to be few. */
  public static WorkBudget endless() {
    return ENDLESS;
  }

  /** More is asked for than one drawing may have. */
  public static final class SpentException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final boolean ofCorners;

    SpentException(boolean ofCorners) {
      this.ofCorners = ofCorners;
    }

    /** Whether it has too many corners; else it takes too many steps. */
    public boolean isOfCorners() {
      return ofCorners;
    }
  }

  /** How many corners a drawing may have. */
  public int mostCorners() {
    return corners;
  }

  /**
   * @throws SpentException where there is no more
   * @throws Progress.StoppedException where somebody ended it
   */
  public void spend(long count) {
    if (this == ENDLESS) {
      return;
    }
    spent += count;
    if (spent > steps) {
      throw new SpentException(false);
    }
    if (spent > nextLook) {
      look();
    }
  }

  /**
   * @throws SpentException where there is no more
   */
  public void corner() {
    if (this == ENDLESS) {
      return;
    }
    if (++cornersSpent > corners) {
      throw new SpentException(true);
    }
  }

  /**
   * Tells how far the work is.
   *
   * @throws Progress.StoppedException where somebody ended it
   */
  public void at(int doneNow, int ofAll) {
    done = doneNow;
    of = Math.max(1, ofAll);
    progress.check(done, of);
  }

  private void look() {
    nextLook = spent + BETWEEN_LOOKS;
    progress.check(done, of);
  }
}
