package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/** Hot-fix stones by their trade size, with the usual width [common practice, no source]. */
public enum StoneSize implements Worded {
  SS6(2.0),
  SS10(2.8),
  SS12(3.1),
  SS16(3.9),
  SS20(4.7),
  SS30(6.4),
  SS34(7.15);

  private static final double HEIGHT = 0.45;

  private final Millimetres width;

  StoneSize(double width) {
    this.width = Millimetres.of(width);
  }

  public Millimetres width() {
    return width;
  }

  /** Of the glass, without the glue: about so much of its width [common practice, no source]. */
  public Millimetres height() {
    return Millimetres.of(HEIGHT * width.count());
  }

  /** How wide a stone of that height is, mm. */
  public static double widthOf(Millimetres height) {
    return height.count() / HEIGHT;
  }

  @Override
  public String vocabulary() {
    return "stonesize";
  }
}
