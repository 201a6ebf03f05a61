package velvetkettle.core.cut.slit;

import velvetkettle.core.cut.lay.Rectangle;

/**
 * What is pushed inside the garment, so that only its front is cut.
 *
 * @param at where it lies, from the panel's left upper corner, mm
 * @param fits whether it reaches over the panel far enough at both sides
 */
public record InnerBoard(Rectangle at, boolean fits) {
  /** What has to stay between the board and the side seams, mm [engineering estimate]. */
  private static final double EASE = 10;

  /** How far a board should reach over the slits, mm [engineering estimate]. */
  private static final double OVER = 25;

  /** At least so far it has to [engineering estimate]. */
  private static final double LEAST = 5;

  /** A thinner one is cut through, mm [common practice, no source]. */
  public static final double THINNEST = 3;

  /**
   * @param inside how wide the garment is there, lying flat, mm
   */
  public static InnerBoard of(SlitMeasures measures, double inside) {
    double wanted = measures.width() + 2 * OVER;
    double width = Math.max(1, Math.min(wanted, inside - 2 * EASE));
    double height = measures.height() + 2 * OVER;
    boolean fits = width >= measures.width() - 2 * measures.margin() + 2 * LEAST;
    return new InnerBoard(
        new Rectangle((measures.width() - width) / 2, -OVER, width, height), fits);
  }
}
