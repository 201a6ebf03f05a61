package velvetkettle.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class AreaTest {
  @Test
  @DisplayName("areas cover another together: edges that meet do, a gap or a corner short does not")
  void cover() {
    Area all = new Area(0, 0, 100, 60);
    assertThat(Area.cover(List.of(all), all)).isTrue();
    assertThat(Area.cover(List.of(), all)).isFalse();
    Area left = new Area(-10, -10, 60, 80);
    assertThat(Area.cover(List.of(left, new Area(50, 0, 50, 60)), all)).isTrue();
    assertThat(Area.cover(List.of(left, new Area(50.5, 0, 60, 60)), all)).isFalse();
    assertThat(Area.cover(List.of(left, new Area(50, 0, 50, 59)), all)).isFalse();
  }

  @Test
  @DisplayName("an edge that is a rounding error off is no cover")
  void rounding() {
    List<Area> some = List.of(new Area(-43.6, 53, 60, 466), new Area(-11.2, 53, 60, 466));
    assertThat(Area.cover(some, new Area(-261.5, 239, 301, 136))).isFalse();
  }

  @Test
  @DisplayName("random areas: as a fine grid of points says")
  void asPointsSay() {
    Random random = new Random(5);
    int covered = 0;
    for (int run = 0; run < 2000; run++) {
      Area all = new Area(random.nextInt(10), random.nextInt(10), 20, 20);
      List<Area> some = new ArrayList<>();
      for (int n = random.nextInt(6); n >= 0; n--) {
        some.add(
            new Area(
                random.nextInt(25) - 5,
                random.nextInt(25) - 5,
                5 + random.nextInt(30),
                5 + random.nextInt(30)));
      }
      boolean points = true;
      for (int i = 0; i < 20 && points; i++) {
        for (int j = 0; j < 20; j++) {
          double x = all.x() + i + 0.5;
          double y = all.y() + j + 0.5;
          points &=
              some.stream()
                  .anyMatch(a -> a.x() < x && x < a.right() && a.y() < y && y < a.bottom());
        }
      }
      assertThat(Area.cover(some, all)).as("%s over %s", some, all).isEqualTo(points);
      covered += points ? 1 : 0;
    }
    assertThat(covered).isBetween(200, 1800);
  }
}
