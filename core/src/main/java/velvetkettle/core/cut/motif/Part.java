package velvetkettle.core.cut.motif;

import velvetkettle.core.quantity.Worded;

/** What is cut out of a figure. */
public enum Part implements Worded {
  WHOLE(1, 1),
  /** Cut upright through the middle. */
  HALF(2, 1),
  /** Cut both ways through the middle. */
  QUARTER(2, 2);

  private final int across;
  private final int down;

  Part(int across, int down) {
    this.across = across;
    this.down = down;
  }

  /** How many a figure gives. */
  public int each() {
    return across * down;
  }

  /**
   * How many of one figure can be used: those that look alike, and where each second one is laid
   * the other way round, those that are their mirror image. Turned over, a part would have its glue
   * up.
   */
  public int usable(boolean alternate) {
    return alternate ? across : 1;
  }

  /** Of a figure that is as wide, mm. */
  public double width(double figure) {
    return figure / across;
  }

  public double height(double figure) {
    return figure / down;
  }

  @Override
  public String vocabulary() {
    return "motifpart";
  }
}
