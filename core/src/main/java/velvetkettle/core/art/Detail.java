package velvetkettle.core.art;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;

/**
 * What was found in the art itself.
 *
 * @param thinnestStroke null where nobody measured it
 * @param layered whether a part of it lies over another part
 * @param weeding of one piece; null where nobody looked
 * @param parts null where nobody said: then as such art mostly is
 */
public record Detail(
    @Nullable Millimetres thinnestStroke,
    boolean layered,
    @Nullable Seconds weeding,
    @Nullable Parts parts) {
  /** That holds together as such art mostly does. */
  public Detail(@Nullable Millimetres thinnestStroke, boolean layered, @Nullable Seconds weeding) {
    this(thinnestStroke, layered, weeding, null);
  }

  /** Nobody looked. */
  public static final Detail UNSEEN = new Detail(null, false, null);
}
