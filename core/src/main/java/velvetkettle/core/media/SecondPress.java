package velvetkettle.core.media;

import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Seconds;

/** A short press after the peel that locks the edges in and sets the surface. */
public record SecondPress(CoverSheet cover, Seconds time) {
  /**
   * About 5 s under a thin sheet; 6 to 8 s under cotton, which heat has to cross first [common
   * practice, no source].
   */
  public static SecondPress under(CoverSheet cover) {
    return new SecondPress(cover, Seconds.of(cover == CoverSheet.COTTON ? 7 : 5));
  }
}
