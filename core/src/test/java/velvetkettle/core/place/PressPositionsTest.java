package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cloth.Area;

class PressPositionsTest {
  /**
   * By hand: two platens of 400 with an overlap of 20 reach 780; 1000 x 700 takes two rows of two
   * 500 x 400 without overlap, and with 20 mm no two of them reach across 1000.
   */
  @ParameterizedTest(name = "{0} x {1} mm on 400 x 500 with {2} mm overlap: {3}")
  @CsvSource({
    "300, 300, 20, 1",
    "400, 500, 20, 1",
    "500, 400, 20, 1",
    "401, 300, 20, 1",
    "501, 300, 20, 2",
    "780, 500, 20, 2",
    "790, 500, 20, 3",
    "780, 501, 20, 4",
    "1000, 700, 0, 4",
    "1000, 700, 20, 6",
    "5, 5, 20, 1",
    "3, 900, 20, 2"
  })
  void knownAnswers(double width, double height, double overlap, int positions) {
    PressPositions.Found found =
        PressPositions.cover(
            new PressPositions.Task(
                List.of(new Area(0, 0, width, height)), 400, 500, overlap, List.of(), null));
    assertThat(found.positions()).hasSize(positions);
    assertThat(found.proven()).isTrue();
  }

  @Test
  @DisplayName("a ring of four bars takes four, where going by the most gained takes five")
  void ring() {
    List<Area> bars =
        List.of(
            new Area(0, 0, 60, 10),
            new Area(0, 50, 60, 10),
            new Area(0, 0, 10, 60),
            new Area(50, 0, 10, 60));
    PressPositions.Found found =
        PressPositions.cover(new PressPositions.Task(bars, 40, 40, 0, List.of(), null));
    assertThat(found.positions()).hasSize(4);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {1, 2, 3, 4, 5})
  @DisplayName("500 random pieces of art need as many positions as an integer programme says")
  void againstAnIntegerProgramme(int seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 100; round++) {
      PressPositions.Task task = smallTask(random);
      int fewest = FewestPositions.of(task);
      PressPositions.Found found = PressPositions.cover(task);
      assertThat(found.proven()).as("%s", task).isTrue();
      assertThat(found.positions()).as("%s", task).hasSize(Math.max(0, fewest));
      everyPartIsCovered(task, found);
    }
  }

  private static PressPositions.Task smallTask(Random random) {
    List<Area> art = new ArrayList<>();
    for (int n = random.nextInt(3); n >= 0; n--) {
      art.add(
          new Area(
              random.nextInt(6), random.nextInt(6), 1 + random.nextInt(7), 1 + random.nextInt(7)));
    }
    List<Area> keepOuts = new ArrayList<>();
    for (int n = random.nextInt(3); n > 0; n--) {
      keepOuts.add(
          new Area(
              random.nextInt(14) - 2,
              random.nextInt(14) - 2,
              1 + random.nextInt(2),
              1 + random.nextInt(3)));
    }
    Area field = random.nextInt(4) == 0 ? new Area(-1, -1, 14, 14) : null;
    return new PressPositions.Task(
        art, 3 + random.nextInt(4), 3 + random.nextInt(4), 0, keepOuts, field);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {11, 12, 13, 14})
  @DisplayName("the platen overlaps, touches no keep-out, stays in its field and presses no air")
  void properties(int seed) {
    Random random = new Random(seed);
    int covered = 0;
    for (int round = 0; round < 60; round++) {
      double overlap = random.nextInt(4) * 10;
      List<Area> art =
          List.of(
              new Area(random.nextInt(200), random.nextInt(200), 20 + random.nextInt(700), 90),
              new Area(random.nextInt(200), random.nextInt(200), 90, 20 + random.nextInt(700)));
      List<Area> keepOuts =
          List.of(new Area(random.nextInt(900), random.nextInt(900), 14, random.nextInt(300)));
      PressPositions.Task task =
          new PressPositions.Task(
              art, 200 + random.nextInt(300), 250 + random.nextInt(300), overlap, keepOuts, null);
      PressPositions.Found found = PressPositions.cover(task);
      everyPartIsCovered(task, found);
      covered += found.positions().isEmpty() ? 0 : 1;
    }
    assertThat(covered).as("tasks that were solved at all").isGreaterThan(30);
  }

  private static void everyPartIsCovered(PressPositions.Task task, PressPositions.Found found) {
    if (found.positions().isEmpty()) {
      return;
    }
    for (Area position : found.positions()) {
      Area smaller = position.grown(-0.001);
      assertThat(task.keepOuts()).as("%s", task).noneMatch(smaller::overlaps);
      assertThat(task.art()).as("%s", task).anyMatch(position::overlaps);
      if (task.field() != null) {
        assertThat(task.field().grown(0.001).contains(position)).isTrue();
      }
    }
    for (Area art : task.art()) {
      Area inner = art.grown(-task.overlap() / 2);
      for (int i = 0; i <= 20; i++) {
        for (int j = 0; j <= 20; j++) {
          double x = inner.x() + inner.width() * i / 20;
          double y = inner.y() + inner.height() * j / 20;
          Area round = new Area(x, y, 0, 0).grown(task.overlap() / 2 - 0.001);
          assertThat(found.positions())
              .as("%s at %s %s", task, x, y)
              .anyMatch(position -> position.grown(0.001).contains(round));
        }
      }
    }
  }

  @Test
  @DisplayName("two positions share their overlap evenly and are numbered from the left")
  void evenlyShared() {
    List<Area> positions =
        PressPositions.cover(
                new PressPositions.Task(
                    List.of(new Area(0, 0, 700, 300)), 400, 500, 20, List.of(), null))
            .positions();
    assertThat(positions).hasSize(2);
    assertThat(positions.get(0).middle() + positions.get(1).middle()).isCloseTo(700, within(1));
    assertThat(positions.get(0).x()).isLessThan(0).isGreaterThan(-100);
    assertThat(positions).allMatch(position -> position.width() == 400);
    assertThat(positions)
        .allMatch(position -> Math.abs(position.y() + position.height() / 2 - 150) < 1);
  }

  private static org.assertj.core.data.Offset<Double> within(double mm) {
    return org.assertj.core.data.Offset.offset(mm);
  }

  @Test
  @DisplayName("art that is many times the platen is pressed in plain rows")
  void rows() {
    PressPositions.Found found =
        PressPositions.cover(
            new PressPositions.Task(
                List.of(new Area(0, 0, 1000, 700)), 100, 50, 20, List.of(), null));
    assertThat(found.proven()).isFalse();
    assertThat(found.positions()).hasSizeBetween(280, 310);
    everyPartIsCovered(
        new PressPositions.Task(List.of(new Area(0, 0, 1000, 700)), 100, 50, 20, List.of(), null),
        found);
  }

  @Test
  @DisplayName("larger art never needs fewer positions, and turning it changes nothing")
  void positionsGrowWithTheArt() {
    int before = 0;
    for (int size = 50; size <= 1500; size += 50) {
      int now = count(size, 300);
      assertThat(now).isGreaterThanOrEqualTo(before);
      assertThat(count(300, size)).isEqualTo(now);
      before = now;
    }
  }

  private static int count(double width, double height) {
    List<Area> art = List.of(new Area(0, 0, width, height));
    return PressPositions.cover(new PressPositions.Task(art, 400, 500, 20, List.of(), null))
        .positions()
        .size();
  }

  @Test
  void absurdTasksAreRefused() {
    List<Area> art = List.of(new Area(0, 0, 10, 10));
    assertThatThrownBy(() -> new PressPositions.Task(List.of(), 40, 40, 0, List.of(), null))
        .hasMessageContaining("no art");
    assertThatThrownBy(() -> new PressPositions.Task(art, 20, 40, 20, List.of(), null))
        .hasMessageContaining("wider");
    assertThatThrownBy(() -> new PressPositions.Task(art, 40, 40, Double.NaN, List.of(), null))
        .hasMessageContaining("overlap");
  }
}
