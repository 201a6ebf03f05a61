package velvetkettle.server.place;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.PlacementGuide;

/** What a garment looks like as it lies flat, and where things usually go on it. */
@RestController
@RequestMapping("/api/garments")
public class PatternController {
  /**
   * @param obstacles where each kind usually lies, should the garment have it
   * @param hard those that no platen may come down on
   */
  public record PatternView(
      GarmentPattern pattern,
      List<PlacedObstacleForm> obstacles,
      List<Obstacle> hard,
      Guide guide) {}

  /** The placement guide for a size, mm. */
  public record Guide(
      PlacementGuide.Range belowCollar,
      PlacementGuide.Range fullWidth,
      PlacementGuide.Range chestWidth) {}

  /**
   * @param hooded whether it has a hood: then its zip goes all the way down
   */
  @GetMapping("/pattern")
  public PatternView pattern(
      @RequestParam GarmentKind kind,
      @RequestParam Size size,
      @RequestParam(required = false) @Nullable @Min(10) @Max(5000) Double width,
      @RequestParam(required = false) @Nullable @Min(10) @Max(5000) Double length,
      @RequestParam(defaultValue = "false") boolean hooded) {
    GarmentPattern pattern = GarmentPattern.of(kind, size, new Layout(width, length, List.of()));
    List<PlacedObstacleForm> obstacles =
        Arrays.stream(Obstacle.values())
            .flatMap(what -> usual(pattern, what, hooded))
            .map(PlacedObstacleForm::of)
            .toList();
    List<Obstacle> hard = Arrays.stream(Obstacle.values()).filter(Obstacle::hard).toList();
    Guide guide =
        new Guide(
            PlacementGuide.belowCollar(size),
            PlacementGuide.fullWidth(size),
            PlacementGuide.chestWidth(size));
    return new PatternView(pattern, obstacles, hard, guide);
  }

  private static Stream<PlacedObstacle> usual(
      GarmentPattern pattern, Obstacle what, boolean hooded) {
    Set<Obstacle> all = hooded ? EnumSet.of(what, Obstacle.HOOD) : EnumSet.of(what);
    return pattern.obstacles(all, Layout.USUAL).stream().filter(one -> one.what() == what);
  }
}
