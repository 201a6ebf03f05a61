package velvetkettle.core.art;

import velvetkettle.core.cloth.Depth;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * The colours of art.
 *
 * @param colours how many flat colours, 1 to 200; a photograph counts as many
 * @param lightest the lightest of them: white and light show a stain first, and white cannot be
 *     printed with clear ink
 */
public record Tones(int colours, Depth lightest) {
  public Tones {
    if (colours < 1 || colours > 200) {
      throw new ImpossibleValueException("colours are counted from 1 to 200: " + colours);
    }
  }
}
