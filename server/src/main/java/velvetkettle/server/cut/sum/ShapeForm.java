package velvetkettle.server.cut.sum;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import velvetkettle.core.cut.letter.Face;

/**
 * What a sum is made of: the ticket's drawing, letters, or a plain shape. Lengths in mm.
 *
 * @param text of letters
 */
public record ShapeForm(
    @NotNull From from,
    @Min(3) @Max(3000) double width,
    @Min(3) @Max(3000) double height,
    @NotNull @Size(max = 60) String text,
    @NotNull Face face) {
  /** Where the shape comes from. */
  public enum From {
    /** The drawing that was brought for it. */
    ART,
    LETTERS,
    ROUND,
    BOX,
    /** A straight line as long as it is wide. */
    LINE
  }
}
