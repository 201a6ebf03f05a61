package velvetkettle.server.cut;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.letter.LetterBox;
import velvetkettle.core.cut.print.Paper;

/**
 * How a ticket's art is cut, as the maker chose it. Lengths in mm.
 *
 * @param designs one for each thing that has a drawing
 * @param version the version it was read at; 0 for a new one
 */
public record CutForm(
    @NotNull @Size(max = 20) List<@Valid Design> designs,
    @NotNull @Valid Lay lay,
    @Min(0) int version) {
  static final CutForm EMPTY = new CutForm(List.of(), Lay.USUAL, 0);

  public Optional<Design> design(String decoration) {
    return designs.stream().filter(d -> d.decoration().equals(decoration)).findFirst();
  }

  /**
   * @param decoration the thing of the ticket that it is cut for
   * @param medium the key of the medium that it is cut from, or printed on
   * @param width of the design on the garment
   * @param copies 0 for one on each piece of the ticket
   */
  public record Design(
      @NotBlank @Size(max = 40) String decoration,
      @NotNull UUID artId,
      @NotBlank @Size(max = 40) String medium,
      @Min(3) @Max(3000) double width,
      @NotNull Overlap overlap,
      boolean newBlade,
      @Min(0) @Max(500) int copies,
      @NotNull @Size(max = 60) List<@Valid ColourChoice> colours,
      @NotNull @Size(max = 40) List<@Valid Replacement> replacements,
      @NotNull @Valid Print print) {}

  /**
   * @param colour of the drawing, as #rrggbb
   * @param sameAs the colour that it is cut as one with; null where it is its own
   * @param cut whether it is cut at all
   * @param materialId what it is cut from; null where that is not chosen
   */
  public record ColourChoice(
      @NotNull @Pattern(regexp = "#[0-9a-f]{6}") String colour,
      @Nullable @Pattern(regexp = "#[0-9a-f]{6}") String sameAs,
      boolean cut,
      @Nullable UUID materialId) {}

  /** Letters that take the place of what stood in a box of a colour. */
  public record Replacement(
      @NotNull @Pattern(regexp = "#[0-9a-f]{6}") String colour,
      @Min(-3000) @Max(3000) double x,
      @Min(-3000) @Max(3000) double y,
      @Max(3000) double width,
      @Max(3000) double height,
      @Max(3000) double baseline,
      @NotBlank @Size(max = 60) String text,
      @NotNull Face face) {
    LetterBox box() {
      return new LetterBox(x, y, width, height, baseline);
    }
  }

  /**
   * @param border round the print; below 0 cuts into it
   * @param pageMargin that the printer leaves free
   */
  public record Print(double border, double pageWidth, double pageHeight, double pageMargin) {
    Paper page() {
      return new Paper(pageWidth, pageHeight, pageMargin);
    }
  }

  /**
   * @param carrier that stays round each piece when its carrier is trimmed
   */
  public record Lay(
      double spacing,
      double margin,
      double matWidth,
      double matLength,
      @Min(0) @Max(50) double carrier) {
    public static final Lay USUAL =
        new Lay(
            LayRules.USUAL.spacing(),
            LayRules.USUAL.margin(),
            LayRules.USUAL.matWidth(),
            LayRules.USUAL.matLength(),
            3);

    LayRules rules() {
      return new LayRules(spacing, margin, matWidth, matLength);
    }
  }
}
