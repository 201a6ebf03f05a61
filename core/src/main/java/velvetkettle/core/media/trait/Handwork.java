package velvetkettle.core.media.trait;

import velvetkettle.core.art.Artwork;
import velvetkettle.core.quantity.Seconds;

/**
 * Work at the table, without press time [engineering estimates].
 *
 * @param settingUp once for the whole order
 * @param each for one piece or one stone, as the pace says
 */
public record Handwork(Seconds settingUp, Seconds each, Pace pace) {
  private static final double SHORTEST_BY_STONE = 60;
  private static final double LONGEST_BY_STONE = 7200;
  private static final double LONGEST_WEEDING = 600;

  /** What the work goes by. */
  public enum Pace {
    /** Every piece takes as long. */
    BY_PIECE,
    /** To place it takes as long for every piece; weeding comes on top. */
    BY_WEEDING,
    /** Each stone is set by hand. */
    BY_STONE
  }

  /** For one piece, from art to placed. */
  public Seconds perPiece(Artwork artwork) {
    return switch (pace) {
      case BY_PIECE -> each;
      case BY_WEEDING -> weeded(artwork);
      case BY_STONE ->
          Seconds.of(
              Math.max(
                  SHORTEST_BY_STONE,
                  Math.min(LONGEST_BY_STONE, each.count() * artwork.stones().count())));
    };
  }

  /**
   * As the art has it, else it grows with the area, about a minute for a palm, three for a full
   * front.
   */
  private Seconds weeded(Artwork artwork) {
    Seconds weeding = artwork.detail().weeding();
    if (weeding != null) {
      return each.plus(weeding);
    }
    double palms = artwork.size().width().count() * artwork.size().height().count() / 10_000;
    return Seconds.of(
        Math.min(
            LONGEST_WEEDING,
            each.count() + 20 + 20 * palms + 40 * (artwork.tones().colours() - 1)));
  }
}
