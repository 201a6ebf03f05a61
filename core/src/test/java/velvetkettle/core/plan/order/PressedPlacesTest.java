package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.place.Placing;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;

class PressedPlacesTest {
  private static Chosen thing(String id, GarmentFace face, Area art, List<Area> positions) {
    Artwork work = Jobs.whiteLettering();
    Placing placing =
        new Placing(
            face,
            art,
            art.mirrored().moved(0, 30),
            positions,
            true,
            PlatenApproach.CLEAR,
            null,
            null,
            Set.of(),
            null,
            List.of());
    return new Chosen(
        new Decoration(id, work, null, null, null, null, null), null, placing, null, false);
  }

  private static Area any(Random random, double size) {
    return new Area(
        random.nextInt(200) - 100,
        random.nextInt(200),
        size + random.nextInt(150),
        size + random.nextInt(150));
  }

  /** Which positions come down on a point of the thing. */
  private static Set<String> over(double x, double y, Chosen thing, List<Chosen> all) {
    Set<String> over = new HashSet<>();
    for (Chosen one : all) {
      boolean behind = one.placing().face() != thing.placing().face();
      double seenX = behind ? -x : x;
      double seenY = behind ? y + 30 : y;
      for (Area position : one.placing().positions()) {
        if (seenX > position.x()
            && seenX < position.right()
            && seenY > position.y()
            && seenY < position.bottom()) {
          over.add(one.decoration().id() + position);
        }
      }
    }
    return over;
  }

  @Test
  @DisplayName("a fine grid of points finds no place that is pressed otherwise than one of them")
  void everyPlace() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      Chosen thing =
          thing("a", GarmentFace.FRONT, any(random, 30), List.of(any(random, 90), any(random, 90)));
      Chosen beside = thing("b", GarmentFace.FRONT, any(random, 30), List.of(any(random, 60)));
      Chosen behind = thing("c", GarmentFace.BACK, any(random, 30), List.of(any(random, 60)));
      List<Chosen> all = List.of(thing, beside, behind);
      Area art = thing.placing().art();
      Set<Set<String>> sampled = new HashSet<>();
      for (double x = art.x() + 0.5; x < art.right(); x++) {
        for (double y = art.y() + 0.5; y < art.bottom(); y++) {
          sampled.add(over(x, y, thing, all));
        }
      }
      List<Area> places = PressedPlaces.of(thing, all);
      Set<Set<String>> told = new HashSet<>();
      for (Area place : places) {
        assertThat(art.grown(1e-9).contains(place)).isTrue();
        told.add(over(place.middle(), place.y() + place.height() / 2, thing, all));
      }
      assertThat(told).as("seed %d", seed).isEqualTo(sampled).hasSameSizeAs(places);
    }
  }
}
