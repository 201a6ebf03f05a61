package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

class FieldBetweenSeamsTest {
  private static final Area CLOTH = new Area(-250, 0, 500, 600);

  /** Two princess seams, 96 mm between them. */
  private static final List<Area> UPRIGHT =
      List.of(new Area(-52, 0, 4, 600), new Area(48, 0, 4, 600));

  private static List<Sentence> advice(Area art, List<Area> seams) {
    return new FieldBetweenSeams(art, CLOTH, seams).advice();
  }

  @Test
  @DisplayName("too wide for the field between two seams: by how much, and what there is room for")
  void tooWide() {
    assertThat(advice(new Area(-54, 100, 108, 60), UPRIGHT))
        .containsExactly(
            Sentence.of("place.on-seams", 2),
            Sentence.of("place.too-wide", Millimetres.of(12), Millimetres.of(96)));
  }

  @Test
  @DisplayName("it would fit, and lies on a seam: which way, and how far")
  void beside() {
    assertThat(advice(new Area(-30, 100, 85, 60), UPRIGHT))
        .containsExactly(
            Sentence.of("place.on-seams", 1),
            Sentence.of("place.off-seam-left", Millimetres.of(7)));
    assertThat(advice(new Area(-60, 100, 80, 60), UPRIGHT))
        .contains(Sentence.of("place.off-seam-right", Millimetres.of(12)));
  }

  @Test
  @DisplayName("no seam under it, nothing to say; a seam elsewhere does not matter")
  void clear() {
    assertThat(advice(new Area(-40, 100, 80, 60), UPRIGHT)).isEmpty();
    assertThat(advice(new Area(-40, 100, 80, 60), List.of())).isEmpty();
    assertThat(advice(new Area(-54, 100, 108, 60), List.of(new Area(-200, 300, 400, 6)))).isEmpty();
  }

  @Test
  @DisplayName("the cloth ends somewhere: nothing is moved up over the collar")
  void notOffTheCloth() {
    List<Area> quilting = List.of(new Area(-250, 90, 500, 6), new Area(-250, 180, 500, 6));
    assertThat(advice(new Area(-40, 20, 80, 120), quilting))
        .contains(Sentence.of("place.too-high", Millimetres.of(30), Millimetres.of(90)));
  }

  @Test
  @DisplayName("what is advised is so: tried out step by step on seams that lie anywhere")
  void advisedIsTrue() {
    Random random = new Random(5);
    int moved = 0;
    int large = 0;
    for (int n = 0; n < 3000; n++) {
      List<Area> seams =
          IntStream.range(0, 1 + random.nextInt(4))
              .mapToObj(i -> new Area(random.nextInt(480) - 240, 0, 2 + random.nextInt(8), 600))
              .toList();
      Area art =
          new Area(random.nextInt(300) - 200, random.nextInt(300), 20 + random.nextInt(180), 40);
      for (Sentence said : advice(art, seams)) {
        double by =
            said.arguments().get(0) instanceof Millimetres distance ? distance.count() : Double.NaN;
        if (said.key().startsWith("place.off-seam-")) {
          double step = said.key().endsWith("right") ? by : -by;
          assertThat(seams).noneMatch(art.moved(step, 0)::overlaps);
          moved++;
        } else if (said.key().equals("place.too-wide")) {
          double room = ((Millimetres) said.arguments().get(1)).count();
          assertThat(widestRoomUnder(art, seams)).isBetween(room, room + 1);
          large++;
        }
      }
    }
    assertThat(moved).isGreaterThan(100);
    assertThat(large).isGreaterThan(100);
  }

  /** Of the fields that the art lies in, the one that most of it lies in: felt mm by mm. */
  private static double widestRoomUnder(Area art, List<Area> seams) {
    double most = -1;
    double room = 0;
    double begun = CLOTH.x();
    double under = 0;
    for (double x = CLOTH.x(); x <= CLOTH.right() + 0.25; x += 0.5) {
      double at = x + 0.25;
      boolean seam = seams.stream().anyMatch(one -> one.x() < at && at < one.right());
      boolean over = seam || at > CLOTH.right();
      if (over) {
        if (under > most) {
          most = under;
          room = x - begun;
        }
        begun = x + 0.5;
        under = 0;
      } else if (at > art.x() && at < art.right()) {
        under += 0.5;
      }
    }
    return room;
  }
}
