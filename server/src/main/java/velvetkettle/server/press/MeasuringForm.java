package velvetkettle.server.press;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
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
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.heat.measure.Measuring;
import velvetkettle.core.heat.measure.ProbeTrace;
import velvetkettle.core.heat.measure.StripReading;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;

/**
 * What was measured of a press. Temperatures in °C.
 *
 * @param nine places of the platen; null where nobody looked
 * @param probe a trace; null where none was taken
 * @param version of the press that it was read at; what is only tried does not ask for it
 */
public record MeasuringForm(
    @NotNull @Size(max = 20) List<@Valid Strip> strips,
    @Nullable @Valid Nine nine,
    @Nullable @Valid Probe probe,
    @Min(0) int version) {
  /** A temperature strip. */
  public record Strip(@Min(40) @Max(280) double dial, @Min(20) @Max(320) double read) {
    StripReading reading() {
      return new StripReading(Celsius.of(dial), Celsius.of(read));
    }
  }

  /**
   * Nine places.
   *
   * @param read row by row, from the back left to the front right
   */
  public record Nine(
      @Min(40) @Max(280) double dial,
      @NotNull @Size(min = 9, max = 9) List<@NotNull @Min(20) @Max(320) Double> read) {
    Measuring.NinePlaces places() {
      return new Measuring.NinePlaces(Celsius.of(dial), read.stream().map(Celsius::of).toList());
    }
  }

  /**
   * A probe under a scrap of carrier, on one layer of cloth.
   *
   * @param moments from the closing on
   */
  public record Probe(
      @Min(40) @Max(280) double dial,
      @NotNull Fabric fabric,
      @NotNull Fibre fibre,
      @NotNull @Size(min = 10, max = 5000) List<@Valid Moment> moments) {
    ProbeTrace trace() {
      return new ProbeTrace(
          Celsius.of(dial),
          cloth(),
          moments.stream().map(m -> new ProbeTrace.Moment(m.second, m.celsius)).toList());
    }

    private Garment cloth() {
      return new Garment(
          "cloth",
          GarmentKind.PANEL,
          velvetkettle.core.cloth.Size.ADULT,
          new ClothSpec(
              Blend.of(fibre),
              fabric,
              new Colour("undyed", Depth.WHITE, Hue.NEUTRAL),
              DyeKind.UNDYED,
              Finish.NONE,
              IronMark.UNKNOWN),
          Set.of());
    }
  }

  /** What a probe showed. */
  public record Moment(@Min(0) @Max(3600) double second, @Min(-20) @Max(350) double celsius) {}

  Measuring measuring(Press press, Workroom room) {
    return new Measuring(
        press,
        room,
        strips.stream().map(Strip::reading).toList(),
        nine == null ? null : nine.places(),
        probe == null ? null : probe.trace());
  }
}
