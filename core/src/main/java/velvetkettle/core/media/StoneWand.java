package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Single stones set by a hot tip. The tip stands for the platen. Window: common practice, no
 * source. Layer thicknesses: engineering estimates.
 */
public record StoneWand() implements Stones {
  private static final Window WINDOW =
      Window.of(200, 220, 5, 15, Pressure.HAND, Peel.NONE).usually(200, 10);

  @Override
  public String key() {
    return "stone-wand";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Orientation orientation() {
    return Orientation.AS_SEEN;
  }

  @Override
  public CoverSheet cover() {
    return CoverSheet.NONE;
  }

  @Override
  public Set<PressKind> tools() {
    return EnumSet.of(PressKind.WAND);
  }

  @Override
  public int hand() {
    return 3;
  }

  @Override
  public int wear() {
    return 3;
  }

  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.stone.glue"),
        Sentence.of("prepare.stone-wand.tip"),
        Sentence.of("prepare.stone-wand.mark"));
  }

  /** About a quarter of a minute a stone. */
  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(Math.max(60, Math.min(7200, 15.0 * artwork.stones())));
  }
}
