package velvetkettle.server.cut;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.svg.GradientColour;
import velvetkettle.core.cut.svg.ReadAs;

/**
 * A drawing that is to be read in another way.
 *
 * @param from the drawing, however it was read
 * @param text the face that its text is set in; null where text is left out
 */
public record ReadAsForm(
    @NotNull UUID from, @NotNull GradientColour gradients, @Nullable Face text) {
  ReadAs as() {
    return new ReadAs(gradients, text);
  }
}
