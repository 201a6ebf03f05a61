package velvetkettle.core.cut.letter;

import java.awt.geom.Path2D;

/** Outlines of letters in the shipped faces. */
public interface Lettering {
  /**
   * A line of text, one unit high from line to line, that begins at 0, 0 and stands on y = 0, y
   * down. What the face does not have is left out of it.
   */
  Line line(String text, Face face);

  /**
   * @param advance where the next letter would begin
   * @param missing the letters that the face does not have
   */
  record Line(Path2D outline, double advance, String missing) {}
}
