package velvetkettle.core.media;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Worded;

/**
 * A closing of the press beside the main one.
 *
 * @param platen null where it is as hot as the main press
 */
public record ExtraPress(
    Kind kind, Side side, CoverSheet cover, Seconds time, @Nullable Celsius platen) {
  /** What it is for, in the order in which they may come. */
  public enum Kind implements Worded {
    /** Dries and sets a coat of primer, before the print. */
    PRIME,
    /** Holds a piece in place until the main press. */
    TACK,
    /** After the peel: locks the edges in and sets the surface. */
    SECOND,
    /** Once more from the inside, where the face must not be hit or the stack is thick. */
    FROM_BACK;

    @Override
    public String vocabulary() {
      return "extrapress";
    }
  }

  /**
   * The second press: about 5 s under a thin sheet; 6 to 8 s under cotton, which heat has to cross
   * first [common practice, no source].
   */
  public static ExtraPress second(CoverSheet cover) {
    double seconds = cover == CoverSheet.COTTON ? 7 : 5;
    return new ExtraPress(Kind.SECOND, Side.FACE, cover, Seconds.of(seconds), null);
  }

  public static ExtraPress second(CoverSheet cover, double seconds) {
    return new ExtraPress(Kind.SECOND, Side.FACE, cover, Seconds.of(seconds), null);
  }

  public static ExtraPress tack(CoverSheet cover, double seconds) {
    return new ExtraPress(Kind.TACK, Side.FACE, cover, Seconds.of(seconds), null);
  }

  public static ExtraPress fromBack(CoverSheet cover, double seconds) {
    return new ExtraPress(Kind.FROM_BACK, Side.BACK, cover, Seconds.of(seconds), null);
  }

  /** A coat of primer, under parchment as long as it is open. */
  public static ExtraPress prime(double celsius, double seconds) {
    return new ExtraPress(
        Kind.PRIME, Side.FACE, CoverSheet.PARCHMENT, Seconds.of(seconds), Celsius.of(celsius));
  }
}
