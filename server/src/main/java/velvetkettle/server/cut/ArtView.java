package velvetkettle.server.cut;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * A drawing as it was read.
 *
 * @param width of what is drawn, mm
 * @param height of what is drawn, mm
 * @param skipped what was left out, and what to do about it
 */
public record ArtView(
    UUID id,
    String name,
    double width,
    double height,
    List<FoundColour> colours,
    List<Sentence> skipped) {
  /**
   * A colour in it, the one with the most area first.
   *
   * @param near one before it that it hardly differs from; null where there is none
   */
  public record FoundColour(String colour, @Nullable String near) {}
}
