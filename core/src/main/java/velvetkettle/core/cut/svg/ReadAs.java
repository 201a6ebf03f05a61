package velvetkettle.core.cut.svg;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.letter.Face;

/**
 * What becomes of that in a drawing which no blade can cut as it is drawn.
 *
 * @param gradients the colour that they are cut in
 * @param text the face that its text is set in; null where text is left out
 */
public record ReadAs(GradientColour gradients, @Nullable Face text) {
  public static final ReadAs USUAL = new ReadAs(GradientColour.MEAN, null);
}
