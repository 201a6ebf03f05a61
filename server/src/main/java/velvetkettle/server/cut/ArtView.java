package velvetkettle.server.cut;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.svg.ReadAs;
import velvetkettle.core.quantity.Sentence;

/**
 * A drawing as it was read.
 *
 * @param width of what is drawn, mm
 * @param height of what is drawn, mm
 * @param skipped what was left out, and what to do about it
 * @param hasText whether there is text in it, which no blade can cut as it is drawn
 * @param hasGradients whether something in it has more than one colour
 * @param as how those were read
 */
public record ArtView(
    UUID id,
    String name,
    double width,
    double height,
    List<FoundColour> colours,
    List<Sentence> skipped,
    boolean hasText,
    boolean hasGradients,
    ReadAs as) {
  /**
   * A colour in it, the one with the most area first.
   *
   * @param near one before it that it hardly differs from; null where there is none
   */
  public record FoundColour(String colour, @Nullable String near) {}
}
