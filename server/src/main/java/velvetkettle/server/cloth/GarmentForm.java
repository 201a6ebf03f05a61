package velvetkettle.server.cloth;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.place.GarmentLayoutForm;
import velvetkettle.server.problem.RefusedException;

/**
 * A garment as the maker typed it; the label stays as it stands on the garment.
 *
 * @param sizes it comes in, as they stand on the garments; null like none
 * @param layout what was measured of it as it lies flat; null where all is as usual
 * @param uses what the finished piece is for; null like none
 * @param weight of its cloth, g/m2; null where such fabrics' usual one is taken
 */
public record GarmentForm(
    @NotBlank @Size(max = 80) String name,
    @NotNull GarmentKind kind,
    @NotNull @Size(max = 300) String label,
    @NotNull Fabric fabric,
    @NotBlank @Size(max = 40) String colour,
    @NotNull Depth depth,
    @NotNull Hue hue,
    @NotNull DyeKind dye,
    @NotNull Finish finish,
    @NotNull Set<Obstacle> obstacles,
    @NotNull IronMark iron,
    velvetkettle.core.cloth.@NotNull Size size,
    @Nullable @Min(5) @Max(3000) Double weight,
    @jakarta.validation.constraints.Size(max = 30)
        List<@NotBlank @jakarta.validation.constraints.Size(max = 12) String> sizes,
    @Nullable @Valid GarmentLayoutForm layout,
    Set<EndUse> uses) {
  /** What was kept before sizes and uses were asked for has none. */
  public GarmentForm {
    sizes = sizes == null ? List.of() : List.copyOf(sizes);
    uses = uses == null ? Set.of() : Set.copyOf(uses);
  }

  /** The garment for core; throws {@link RefusedException} where the label cannot be read. */
  public Garment garment() {
    LabelReading reading = LabelReader.read(label);
    Blend blend = reading.blend();
    Sentence refusal = reading.refusal();
    if (blend == null) {
      throw new RefusedException(
          "garment.label", refusal == null ? Sentence.of("label.empty") : refusal);
    }
    return new Garment(
        name,
        kind,
        size,
        new ClothSpec(
            blend,
            fabric,
            new Colour(colour, depth, hue),
            dye,
            finish,
            iron,
            ownWeight(),
            reading.parts()),
        obstacles,
        layout == null ? Layout.USUAL : layout.layout(),
        uses);
  }

  private @Nullable GramsPerSquareMetre ownWeight() {
    if (weight == null) {
      return null;
    }
    int least = (int) Math.ceil(fabric.lightest());
    int most = (int) Math.floor(fabric.heaviest());
    if (weight < least || weight > most) {
      throw new RefusedException(
          "garment.weight", Sentence.of("cloth.weight", fabric, least, most));
    }
    return GramsPerSquareMetre.of(weight);
  }
}
