package velvetkettle.core.media.trait;

import java.util.Set;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Surface;
import velvetkettle.core.quantity.Millimetres;

/**
 * What can be shown with a medium.
 *
 * @param carries the kinds of art it is for
 * @param gives the finishes it can have
 * @param glosses whether gloss comes out well on it
 * @param thinnestStroke that weeds or prints cleanly
 */
public record Appearance(
    Set<ArtKind> carries,
    Set<Surface> gives,
    boolean glosses,
    Palette palette,
    Opacity opacity,
    Millimetres thinnestStroke) {
  public Appearance {
    carries = Set.copyOf(carries);
    gives = Set.copyOf(gives);
  }

  public boolean transparent() {
    return opacity == Opacity.TRANSPARENT;
  }

  public boolean ownGround() {
    return opacity == Opacity.OWN_GROUND;
  }

  public boolean carries(ArtKind kind) {
    return carries.contains(kind);
  }

  /** Whether it is made of single stones. */
  public boolean ofStones() {
    return carries(ArtKind.STONES);
  }

  /** Whether pieces of another cloth are put on with it. */
  public boolean ofCloth() {
    return carries(ArtKind.APPLIQUE) || carries(ArtKind.SECOND_LAYER);
  }
}
