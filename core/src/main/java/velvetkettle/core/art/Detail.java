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
 */
public record Detail(
    @Nullable Millimetres thinnestStroke, boolean layered, @Nullable Seconds weeding) {
  /** Nobody looked. */
  public static final Detail UNSEEN = new Detail(null, false, null);
}
