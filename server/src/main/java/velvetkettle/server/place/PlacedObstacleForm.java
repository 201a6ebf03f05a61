package velvetkettle.server.place;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;

/** Where the maker placed an obstacle, mm from the middle of the collar on its face. */
public record PlacedObstacleForm(
    @NotNull Obstacle what,
    @NotNull GarmentFace face,
    @Min(-5000) @Max(5000) double x,
    @Min(-5000) @Max(5000) double y,
    @Min(1) @Max(5000) double width,
    @Min(1) @Max(5000) double height) {
  static PlacedObstacleForm of(PlacedObstacle placed) {
    Area area = placed.area();
    return new PlacedObstacleForm(
        placed.what(), placed.face(), area.x(), area.y(), area.width(), area.height());
  }

  PlacedObstacle placed() {
    return new PlacedObstacle(what, face, new Area(x, y, width, height));
  }
}
