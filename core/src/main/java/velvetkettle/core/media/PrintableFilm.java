package velvetkettle.core.media;

import java.util.List;
import java.util.Set;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/**
 * Film that is printed and then cut round; its backing comes off before it is pressed, face up.
 * Window: common practice, no source. Layer thicknesses: engineering estimates.
 */
public record PrintableFilm() implements Film {
  private static final Window WINDOW =
      Window.of(140, 160, 15, 30, Pressure.MEDIUM, Peel.NONE).usually(150, 20);

  @Override
  public String key() {
    return "film-print";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Set<ArtKind> carries() {
    return Set.of(ArtKind.LETTERING, ArtKind.LOGO, ArtKind.PHOTOGRAPH);
  }

  @Override
  public Orientation orientation() {
    return Orientation.AS_SEEN;
  }

  @Override
  public CutFace cutFace() {
    return CutFace.FACE_UP;
  }

  @Override
  public Palette palette() {
    return Palette.ANY;
  }

  /** The sheet makes the surface: PTFE gloss, parchment matt. */
  @Override
  public CoverSheet cover() {
    return CoverSheet.PARCHMENT;
  }

  @Override
  public CoverSheet cover(Work work) {
    return work.artwork().surface() == Surface.GLOSS ? CoverSheet.PTFE : CoverSheet.PARCHMENT;
  }

  @Override
  public List<ExtraPress> after(Work work) {
    return List.of();
  }

  @Override
  public Sentence glueSide() {
    return Sentence.of("glue-side.printed-film");
  }

  /** Loose parts need a mask to keep them in their places; one solid shape needs none. */
  @Override
  public List<Sentence> preparation(Work work) {
    return List.of(
        Sentence.of("prepare.printed-film.print"),
        Sentence.of("prepare.printed-film.cut"),
        Sentence.of(
            work.artwork().kind() == ArtKind.LETTERING
                ? "prepare.printed-film.mask"
                : "prepare.printed-film.no-mask"),
        Sentence.of("prepare.printed-film.backing"));
  }

  @Override
  public int hand() {
    return 3;
  }

  @Override
  public int wear() {
    return 4;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.FILM, Sentence.of("layer.printed-film"), 0.09, Substance.POLYURETHANE),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.glue"), 0.05, Substance.HOT_MELT));
  }
}
