package velvetkettle.core.art;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * The stones that art is made of.
 *
 * @param size null where nobody said, or where it has none
 * @param count up to 20 000; 0 where it is of something else
 */
public record StoneCount(@Nullable StoneSize size, int count) {
  public static final StoneCount NONE = new StoneCount(null, 0);

  public StoneCount {
    if (count < 0 || count > 20_000) {
      throw new ImpossibleValueException("stones are counted from 0 to 20000: " + count);
    }
  }
}
