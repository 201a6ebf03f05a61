package velvetkettle.core.cloth;

/** Where on the garment an obstacle lies. */
public record PlacedObstacle(Obstacle what, GarmentFace face, Area area) {}
