package velvetkettle.core.plan.job;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.media.Medium;
import velvetkettle.core.place.Spot;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/**
 * One thing that is to go on the garment.
 *
 * @param id tells the decorations of a garment apart, 1 to 40 characters
 * @param medium the key of the medium that the maker took; null while nothing is chosen
 * @param material the roll or sheet from the shelf; null where none is named
 * @param over the id of the decoration that it lies on; null where it lies on the cloth
 * @param spot where it lies; null where it goes to its usual place
 * @param own what the maker settled for its medium; null where all is left to sheet, trade and heat
 */
public record Decoration(
    String id,
    Artwork artwork,
    @Nullable String medium,
    @Nullable Material material,
    @Nullable String over,
    @Nullable Spot spot,
    @Nullable OwnSetting own) {
  public Decoration(
      String id,
      Artwork artwork,
      @Nullable String medium,
      @Nullable Material material,
      @Nullable String over,
      @Nullable Spot spot) {
    this(id, artwork, medium, material, over, spot, null);
  }

  /** At its usual place. */
  public Decoration(
      String id,
      Artwork artwork,
      @Nullable String medium,
      @Nullable Material material,
      @Nullable String over) {
    this(id, artwork, medium, material, over, null, null);
  }

  /** On the cloth. */
  public Decoration(
      String id, Artwork artwork, @Nullable String medium, @Nullable Material material) {
    this(id, artwork, medium, material, null, null, null);
  }

  /** What was settled for a medium; nothing where that was another. */
  public OwnSetting own(Medium forMedium) {
    return own != null && own.medium().equals(forMedium.key())
        ? own
        : OwnSetting.of(forMedium.key());
  }

  /** The sheet of the material that was named; silent where none of that medium was. */
  public InstructionSheet sheet(Medium forMedium) {
    return material != null && material.medium().equals(forMedium.key())
        ? material.sheet()
        : InstructionSheet.SILENT;
  }

  public Decoration with(@Nullable String takenMedium, @Nullable OwnSetting settled) {
    return new Decoration(id, artwork, takenMedium, material, over, spot, settled);
  }

  /** Whether this one lies over the other. */
  public boolean liesOver(Decoration other) {
    return other.id.equals(over);
  }
}
