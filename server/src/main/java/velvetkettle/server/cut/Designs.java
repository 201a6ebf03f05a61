package velvetkettle.server.cut;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.ColourLayer;
import velvetkettle.core.cut.letter.LetterSetting;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.shelf.MaterialService;

/** Art as it was chosen: in its colours, at its size, with plain letters where they were set. */
@Component
public class Designs {
  private final Drawings drawings;
  private final MaterialService materials;
  private final Faces faces;
  private final MediaCatalogue media;

  Designs(Drawings drawings, MaterialService materials, Faces faces, MediaCatalogue media) {
    this.media = media;
    this.drawings = drawings;
    this.materials = materials;
    this.faces = faces;
  }

  /** Without the colours that are not cut. */
  public Art art(CutForm.Design design) {
    Map<String, String> sameAs = new HashMap<>();
    for (CutForm.ColourChoice choice : design.colours()) {
      if (choice.sameAs() != null) {
        sameAs.put(choice.colour(), choice.sameAs());
      }
    }
    Art art =
        Art.of(
            drawings.drawing(design.artId()),
            design.overlap(),
            colour -> sameAs.getOrDefault(colour, colour));
    if (art.isEmpty()) {
      throw new RefusedException("designs.artId", Sentence.of("svg.nothing"));
    }
    Art sized = art.wide(design.width());
    for (CutForm.Replacement replacement : design.replacements()) {
      sized = replaced(sized, replacement);
    }
    Art cut = without(sized, design.colours());
    if (cut.isEmpty()) {
      throw new RefusedException("designs.colours", Sentence.of("cut.no-colour"));
    }
    return cut;
  }

  /** Pictures in it, as large as they are at the width that was chosen: they can be printed. */
  List<Sentence> pictures(CutForm.Design design) {
    SvgDrawing drawing = drawings.drawing(design.artId());
    double factor = design.width() / Drawings.bounds(drawing).getWidth();
    return drawing.pictures().stream().map(picture -> picture.at(factor)).toList();
  }

  private Art replaced(Art art, CutForm.Replacement with) {
    MultiPolygon letters =
        LetterSetting.into(with.box(), faces.outline(with.text(), with.face())).letters();
    MultiPolygon area = art.area(with.colour());
    return art.with(with.colour(), LetterSetting.replaced(area, with.box(), letters));
  }

  private static Art without(Art art, List<CutForm.ColourChoice> choices) {
    List<String> left =
        choices.stream().filter(c -> !c.cut()).map(CutForm.ColourChoice::colour).toList();
    return new Art(art.layers().stream().filter(layer -> !left.contains(layer.colour())).toList());
  }

  /** What a colour is cut from: the medium of its own material, or that of the design. */
  public Medium medium(CutForm.Design design, ColourLayer layer) {
    return design.colours().stream()
        .filter(choice -> choice.colour().equals(layer.colour()))
        .flatMap(
            choice ->
                choice.materialId() == null
                    ? Stream.empty()
                    : media.find(materials.material(choice.materialId()).medium()).stream())
        .findFirst()
        .orElseGet(() -> medium(design));
  }

  public Medium medium(CutForm.Design design) {
    return media
        .find(design.medium())
        .orElseThrow(
            () ->
                new RefusedException(
                    "designs.medium", Sentence.of("shelf.unknown-medium", design.medium())));
  }

  static boolean isMirrored(Medium medium) {
    return medium.handling().orientation() == Orientation.MIRRORED;
  }
}
