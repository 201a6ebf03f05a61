package velvetkettle.server.cut;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.letter.LetterBox;

/** Letters to be set into a box. */
public record LetterForm(
    @NotNull LetterBox box, @NotBlank @Size(max = 60) String text, @NotNull Face face) {
  /**
   * @param path of the letters
   * @param stretched how much wider they are than drawn, for their height
   */
  public record Letters(String path, double stretched) {}
}
