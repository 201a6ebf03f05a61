package velvetkettle.core.art;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * What is to go on, before a medium is chosen.
 *
 * @param description in the maker's words, 1 to 120 characters
 * @param piece what it is itself made of; null where nobody said, or where it is no piece
 */
public record Artwork(
    String description,
    ArtKind kind,
    ArtSize size,
    Tones tones,
    Placement placement,
    Surface surface,
    Detail detail,
    StoneCount stones,
    @Nullable Piece piece) {
  /** Whose own cloth nobody asked for. */
  public Artwork(
      String description,
      ArtKind kind,
      ArtSize size,
      Tones tones,
      Placement placement,
      Surface surface,
      Detail detail,
      StoneCount stones) {
    this(description, kind, size, tones, placement, surface, detail, stones, null);
  }

  /** Art that nobody looked into, and that has no stones. */
  public Artwork(
      String description,
      ArtKind kind,
      ArtSize size,
      Tones tones,
      Placement placement,
      Surface surface) {
    this(description, kind, size, tones, placement, surface, Detail.UNSEEN, StoneCount.NONE);
  }

  public Artwork {
    requireNonNull(size, "size");
    requireNonNull(tones, "tones");
    requireNonNull(detail, "detail");
    requireNonNull(stones, "stones");
    // What was typed of a piece says nothing of what is not one.
    piece = kind.isPiece() ? piece : null;
    if (description.isBlank() || description.length() > 120) {
      throw new ImpossibleValueException("what goes on is described in 1 to 120 characters");
    }
  }

  /** White on white and dark on dark of one plain colour hardly show. */
  public boolean isLostOn(Depth cloth) {
    Depth art = tones.lightest();
    boolean extreme = art == Depth.WHITE || art == Depth.DARK;
    return extreme && art == cloth && tones.colours() == 1 && Surface.PLAIN.contains(surface);
  }

  /** Where the rim of the glue may show as a cloudy line. */
  public boolean isDarkOnDark(Depth cloth) {
    return tones.lightest() == Depth.DARK && cloth == Depth.DARK;
  }

  /** Whether it falls apart once it is cut out; letters do where nobody says otherwise. */
  public boolean isLoose() {
    return detail.parts() == null ? kind == ArtKind.LETTERING : detail.parts() == Parts.LOOSE;
  }

  public boolean showsStains() {
    return tones.lightest() == Depth.WHITE || tones.lightest() == Depth.LIGHT;
  }
}
