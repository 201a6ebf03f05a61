package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Sentence;

/**
 * A printed paper laid face down on white or light polyester. Window: common practice, no source.
 * Layer thicknesses: engineering estimates.
 */
public record DirectSublimation() implements Sublimation {
  private static final Window WINDOW =
      Window.of(190, 205, 35, 60, Pressure.MEDIUM, Peel.HOT).usually(196, 45);

  @Override
  public String key() {
    return "sub-direct";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  /** Uncoated paper takes up the ink gas; a coated sheet would hand it on to the next shirt. */
  @Override
  public CoverSheet cover() {
    return CoverSheet.KRAFT;
  }

  /** Below this the print washes out of the other fibres [common practice, no source]. */
  @Override
  public double leastPolyester() {
    return 65;
  }

  @Override
  public int hand() {
    return 5;
  }

  @Override
  public int wear() {
    return 5;
  }

  @Override
  public int skin() {
    return 5;
  }

  @Override
  public boolean stretches() {
    return true;
  }

  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.sublimation.mirror"), Sentence.of("prepare.sublimation.dry-print"));
  }
}
