package velvetkettle.server.place;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.place.Spot;

/**
 * Where the maker placed art, mm.
 *
 * @param fromCentre of the middle of the art; above 0 to the viewer's right
 * @param belowCollar of the upper edge of the art
 */
public record SpotForm(
    @NotNull GarmentFace face,
    @Min(-2500) @Max(2500) double fromCentre,
    @Min(-1000) @Max(3000) double belowCollar) {
  public Spot spot() {
    return new Spot(face, fromCentre, belowCollar);
  }
}
