package velvetkettle.core.plan;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Artwork;
import velvetkettle.core.place.Spot;
import velvetkettle.core.shelf.Material;

/**
 * One thing that is to go on the garment.
 *
 * @param id tells the decorations of a garment apart, 1 to 40 characters
 * @param medium the key of the medium that the maker took; null while nothing is chosen
 * @param material the roll or sheet from the shelf; null where none is named
 * @param over the id of the decoration that it lies on; null where it lies on the cloth
 * @param spot where it lies; null where it goes to its usual place
 */
public record Decoration(
    String id,
    Artwork artwork,
    @Nullable String medium,
    @Nullable Material material,
    @Nullable String over,
    @Nullable Spot spot) {
  /** At its usual place. */
  public Decoration(
      String id,
      Artwork artwork,
      @Nullable String medium,
      @Nullable Material material,
      @Nullable String over) {
    this(id, artwork, medium, material, over, null);
  }

  /** On the cloth. */
  public Decoration(
      String id, Artwork artwork, @Nullable String medium, @Nullable Material material) {
    this(id, artwork, medium, material, null, null);
  }

  boolean liesOver(Decoration other) {
    return other.id.equals(over);
  }
}
