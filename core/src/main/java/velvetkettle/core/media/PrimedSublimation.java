package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A printed paper on cotton that was primed with a polyester spray. Window: common practice, no
 * source. Layer thicknesses: engineering estimates.
 */
public record PrimedSublimation() implements Sublimation {
  private static final Window WINDOW =
      Window.of(190, 200, 40, 60, Pressure.MEDIUM, Peel.HOT).usually(196, 40);

  @Override
  public String key() {
    return "sub-coated";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  /** Kraft paper sticks to primer that lies open. */
  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  /** Wet out and rolled in, then a second light coat [common practice, no source]. */
  @Override
  public List<ExtraPress> before(Work work) {
    return List.of(ExtraPress.prime(165, 30), ExtraPress.prime(165, 20));
  }

  /** The primer stiffens the cloth. */
  @Override
  public int hand() {
    return 2;
  }

  @Override
  public int wear() {
    return 3;
  }

  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.primer.shield"),
        Sentence.of("prepare.primer.spray"),
        Sentence.of("prepare.sublimation.mirror"),
        Sentence.of("prepare.sublimation.dry-print"));
  }

  @Override
  public Seconds handlingPerPiece(Artwork artwork) {
    return Seconds.of(420);
  }

  @Override
  public Seconds settingUp() {
    return Seconds.of(600);
  }
}
