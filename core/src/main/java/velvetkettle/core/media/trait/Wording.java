package velvetkettle.core.media.trait;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * What is said of a medium where media are told apart: message keys.
 *
 * @param placing how it is laid on the garment; carries the placement
 * @param pressing the main press of it
 * @param peeling how its carrier comes off, and when that is said; null where only the peel counts
 * @param pressingAgain the second press of it; carries the cover sheet
 * @param ironing how an iron is moved over it
 * @param lookFor what to look for when it was tried
 * @param glueSide how the maker tells which side is the glue, or the print
 */
public record Wording(
    String placing,
    String pressing,
    @Nullable Peeling peeling,
    String pressingAgain,
    String ironing,
    Sentence lookFor,
    Sentence glueSide) {
  /**
   * Words of its own for a peel.
   *
   * @param only the peel they are for; null where they are for any
   */
  public record Peeling(String key, @Nullable Peel only) {}

  /** Its own words for that peel; empty where the usual ones do. */
  public Optional<String> peeling(Peel peel) {
    return Optional.ofNullable(peeling)
        .filter(own -> own.only() == null || own.only() == peel)
        .map(Peeling::key);
  }
}
