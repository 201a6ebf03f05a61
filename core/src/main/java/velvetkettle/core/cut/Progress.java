package velvetkettle.core.cut;

/** Follows long work, and may end it. */
@FunctionalInterface
public interface Progress {
  Progress NONE = (done, of) -> true;

  /**
   * @param done steps that are done, from several threads in any order
   * @param of steps in all
   * @return whether to go on
   */
  boolean at(int done, int of);

  /**
   * @throws StoppedException where it is not to go on
   */
  default void check(int done, int of) {
    if (!at(done, of)) {
      throw new StoppedException();
    }
  }

  /** Work that was ended before it was done. */
  final class StoppedException extends RuntimeException {
    private static final long serialVersionUID = 1;
  }
}
