package velvetkettle.core.media.trait;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Worded;

/**
 * A closing of the press beside the main one.
 *
 * @param time under a thin sheet
 * @param underCotton under cotton, which heat has to cross first
 * @param platen null where it is as hot as the main press
 * @param when what it is done for
 */
public record ExtraPress(
    Kind kind,
    Side side,
    CoverChoice cover,
    Seconds time,
    Seconds underCotton,
    @Nullable Celsius platen,
    Occasion when) {
  /** What it is for, in the order in which they may come. */
  public enum Kind implements Worded {
    /** Dries and sets a coat of primer, before the print. */
    PRIME,
    /** Holds a piece in place until the main press. */
    TACK,
    /** Holds one colour until the press of the last one. */
    COLOUR,
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
   * The second press: about 5 s under a thin sheet; 6 to 8 s under cotton [common practice, no
   * source].
   */
  public static ExtraPress second(CoverChoice cover) {
    return new ExtraPress(
        Kind.SECOND, Side.FACE, cover, Seconds.of(5), Seconds.of(7), null, Occasion.ALWAYS);
  }

  /** A second press of so many seconds, whatever lies over it. */
  public static ExtraPress second(CoverChoice cover, double seconds) {
    return timed(Kind.SECOND, Side.FACE, cover, seconds, null);
  }

  public static ExtraPress tack(CoverChoice cover, double seconds) {
    return timed(Kind.TACK, Side.FACE, cover, seconds, null);
  }

  /** Of each colour but the last: two to five seconds [common practice, no source]. */
  public static ExtraPress colour(CoverChoice cover) {
    return timed(Kind.COLOUR, Side.FACE, cover, 4, null);
  }

  public static ExtraPress fromBack(CoverChoice cover, double seconds) {
    return timed(Kind.FROM_BACK, Side.BACK, cover, seconds, null);
  }

  /** A coat of primer, under parchment as long as it is open. */
  public static ExtraPress prime(double celsius, double seconds) {
    return timed(Kind.PRIME, Side.FACE, CoverChoice.PARCHMENT, seconds, Celsius.of(celsius));
  }

  private static ExtraPress timed(
      Kind kind, Side side, CoverChoice cover, double seconds, @Nullable Celsius platen) {
    Seconds time = Seconds.of(seconds);
    return new ExtraPress(kind, side, cover, time, time, platen, Occasion.ALWAYS);
  }

  /** The same, but only then. */
  public ExtraPress only(Occasion then) {
    return new ExtraPress(kind, side, cover, time, underCotton, platen, then);
  }

  /** How long under this sheet. */
  public Seconds under(CoverSheet sheet) {
    return sheet == CoverSheet.COTTON ? underCotton : time;
  }
}
