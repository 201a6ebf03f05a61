package velvetkettle.core.cut.stone;

import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Worded;

/** How stones come to their places. */
public enum StoneTool implements Worded {
  /** Laid face down on a sheet by hand, and pressed all at once. */
  SHEET(4),
  /** Brushed into a stencil, taken up with film, and pressed all at once. */
  STENCIL(0.4),
  /** Set one by one with a hot tip. */
  WAND(10);

  private final double seconds;

  StoneTool(double seconds) {
    this.seconds = seconds;
  }

  /**
   * For one of many [the wand's 5 to 15 s: common practice, no source; the others engineering
   * estimates].
   */
  public Seconds perStone() {
    return Seconds.of(seconds);
  }

  @Override
  public String vocabulary() {
    return "stonetool";
  }
}
