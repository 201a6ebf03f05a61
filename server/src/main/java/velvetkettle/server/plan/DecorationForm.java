package velvetkettle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Parts;
import velvetkettle.core.art.Piece;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.place.SpotForm;
import velvetkettle.server.problem.RefusedException;

/**
 * One thing that is to go on, as the maker typed it. Lengths in mm.
 *
 * @param medium what the maker took; null while nothing is chosen
 * @param materialId the roll or sheet from the shelf; null where none is named
 * @param spot where the maker placed it; null where it goes to its usual place
 * @param weeding seconds for one piece, as the art at Cut has it; null where nobody looked
 * @param own what the maker settled for its medium; null where all is left to sheet, trade and heat
 * @param parts whether it holds together once it is cut out; null where nobody said
 * @param stoneSize of all stones, or of the largest; null where nobody said
 * @param stones of all sizes together
 * @param smallerStones the other sizes among them; null like none
 * @param ownLabel what a piece is itself made of, as its label says; null or blank where nobody
 *     knows, or where it is no piece
 * @param ownPrint whether there is a print on the piece that heat softens or fades; null like no
 * @param over the id of the decoration that it lies on; null where it lies on the cloth
 */
public record DecorationForm(
    @NotBlank @Size(max = 40) String id,
    @NotBlank @Size(max = 120) String description,
    @NotNull ArtKind kind,
    @Min(3) @Max(3000) double width,
    @Min(3) @Max(3000) double height,
    @Min(1) @Max(200) int colours,
    @NotNull Depth lightest,
    @NotNull Placement placement,
    @NotNull Surface surface,
    @Nullable Double thinnestStroke,
    boolean layered,
    @Nullable Parts parts,
    @Nullable StoneSize stoneSize,
    @Min(0) @Max(20_000) int stones,
    @Nullable Set<StoneSize> smallerStones,
    @Nullable @Size(max = 300) String ownLabel,
    @Nullable Boolean ownPrint,
    @Nullable @Size(max = 40) String medium,
    @Nullable UUID materialId,
    @Nullable @Size(max = 40) String over,
    @Nullable @Valid SpotForm spot,
    @Nullable @Min(0) @Max(36_000) Double weeding,
    @Nullable @Valid OwnSettingForm own) {
  /** The same with what was taken for it. */
  public DecorationForm with(@Nullable String takenMedium, @Nullable UUID takenMaterial) {
    return with(takenMedium, takenMaterial, own);
  }

  /** The same with its tool called by its name, as another shop can know it. */
  public DecorationForm toolNamed(UnaryOperator<String> name) {
    return with(medium, materialId, own == null ? null : own.toolNamed(name));
  }

  private DecorationForm with(
      @Nullable String takenMedium,
      @Nullable UUID takenMaterial,
      @Nullable OwnSettingForm settled) {
    return new DecorationForm(
        id,
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
        parts,
        stoneSize,
        stones,
        smallerStones,
        ownLabel,
        ownPrint,
        takenMedium,
        takenMaterial,
        over,
        spot,
        weeding,
        settled);
  }

  /**
   * For core; {@link RefusedException} where what a piece is made of cannot be read.
   *
   * @param path of this in its ticket
   */
  public Artwork artwork(String path) {
    return new Artwork(
        description,
        kind,
        new ArtSize(Millimetres.of(width), Millimetres.of(height)),
        new Tones(colours, lightest),
        placement,
        surface,
        new Detail(
            thinnestStroke == null ? null : Millimetres.of(thinnestStroke),
            layered,
            weeding == null ? null : Seconds.of(weeding),
            parts),
        new StoneCount(stoneSize, stones, smallerStones == null ? Set.of() : smallerStones),
        piece(path));
  }

  private @Nullable Piece piece(String path) {
    if (!kind.isPiece() || ownLabel == null || ownLabel.isBlank()) {
      return null;
    }
    LabelReading reading = LabelReader.read(ownLabel);
    Blend blend = reading.blend();
    if (blend == null) {
      Sentence refusal = reading.refusal();
      throw new RefusedException(
          path + ".ownLabel", refusal == null ? Sentence.of("label.empty") : refusal);
    }
    return new Piece(blend, Boolean.TRUE.equals(ownPrint));
  }
}
