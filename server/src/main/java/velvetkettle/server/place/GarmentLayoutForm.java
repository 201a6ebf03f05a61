package velvetkettle.server.place;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Layout;

/**
 * What the maker measured of a garment that lies flat, mm.
 *
 * @param width of its body across; null where it is as usual
 * @param length from shoulder to hem; null likewise
 * @param placed obstacles that were moved from where they usually lie
 */
public record GarmentLayoutForm(
    @Nullable @Min(10) @Max(5000) Double width,
    @Nullable @Min(10) @Max(5000) Double length,
    @NotNull @Size(max = 60) List<@Valid PlacedObstacleForm> placed) {
  public Layout layout() {
    return new Layout(width, length, placed.stream().map(PlacedObstacleForm::placed).toList());
  }
}
