package velvetkettle.core.art;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;

/**
 * What is to go on, before a medium is chosen.
 *
 * @param description in the maker's words, 1 to 120 characters
 * @param colours how many flat colours, 1 to 200; a photograph counts as many
 * @param lightest the lightest colour of it: white and light show a stain first, and white cannot
 *     be printed with clear ink
 * @param thinnestStroke null where nobody measured it
 * @param layered whether a part of it lies over another part
 * @param stoneSize null unless it is of stones, or nobody said
 * @param stones how many stones, up to 20 000; 0 unless it is of stones
 * @param weeding of one piece, as the art itself has it; null where nobody looked
 */
public record Artwork(
    String description,
    ArtKind kind,
    Millimetres width,
    Millimetres height,
    int colours,
    Depth lightest,
    Placement placement,
    Surface surface,
    @Nullable Millimetres thinnestStroke,
    boolean layered,
    @Nullable StoneSize stoneSize,
    int stones,
    @Nullable Seconds weeding) {
  /** Whose weeding nobody looked at. */
  public Artwork(
      String description,
      ArtKind kind,
      Millimetres width,
      Millimetres height,
      int colours,
      Depth lightest,
      Placement placement,
      Surface surface,
      @Nullable Millimetres thinnestStroke,
      boolean layered,
      @Nullable StoneSize stoneSize,
      int stones) {
    this(
        description,
        kind,
        width,
        height,
        colours,
        lightest,
        placement,
        surface,
        thinnestStroke,
        layered,
        stoneSize,
        stones,
        null);
  }

  public Artwork(
      String description,
      ArtKind kind,
      Millimetres width,
      Millimetres height,
      int colours,
      Depth lightest,
      Placement placement,
      Surface surface,
      @Nullable Millimetres thinnestStroke) {
    this(
        description,
        kind,
        width,
        height,
        colours,
        lightest,
        placement,
        surface,
        thinnestStroke,
        false,
        null,
        0);
  }

  public Artwork {
    if (description.isBlank() || description.length() > 120) {
      throw new IllegalArgumentException("what goes on is described in 1 to 120 characters");
    }
    if (colours < 1 || colours > 200) {
      throw new IllegalArgumentException("colours are counted from 1 to 200: " + colours);
    }
    if (width.count() < 3 || height.count() < 3 || width.count() > 3000 || height.count() > 3000) {
      throw new IllegalArgumentException("a design is 3 to 3000 mm wide and high");
    }
    if (stones < 0 || stones > 20_000) {
      throw new IllegalArgumentException("stones are counted from 0 to 20000: " + stones);
    }
  }

  public boolean showsStains() {
    return lightest == Depth.WHITE || lightest == Depth.LIGHT;
  }
}
