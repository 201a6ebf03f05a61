package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;

class GarmentPatternTest {
  @ParameterizedTest
  @EnumSource(GarmentKind.class)
  @DisplayName("every kind in every size is as wide and long as it says, and even left and right")
  void everyKind(GarmentKind kind) {
    double smaller = 0;
    for (Size size : Size.values()) {
      GarmentPattern pattern = GarmentPattern.of(kind, size, Layout.USUAL);
      for (GarmentFace face : GarmentFace.values()) {
        Area bounds = pattern.outline(face).bounds();
        assertThat(bounds.width()).isGreaterThanOrEqualTo(pattern.width() - 0.001);
        assertThat(bounds.bottom()).isCloseTo(pattern.hem(face), within(0.001));
        assertThat(bounds.middle()).isCloseTo(0, within(0.001));
      }
      assertThat(pattern.length()).isGreaterThanOrEqualTo(smaller);
      smaller = pattern.length();
    }
  }

  @ParameterizedTest
  @EnumSource(GarmentKind.class)
  @DisplayName("usual obstacles begin on the cloth they belong to")
  void usualObstacles(GarmentKind kind) {
    GarmentPattern pattern = GarmentPattern.of(kind, Size.ADULT, Layout.USUAL);
    List<PlacedObstacle> all = pattern.obstacles(EnumSet.allOf(Obstacle.class), Layout.USUAL);
    for (PlacedObstacle one : all) {
      Area bounds = pattern.outline(one.face()).bounds().grown(60);
      assertThat(bounds.overlaps(one.area())).as("%s of %s", one, kind).isTrue();
    }
  }

  @Test
  void measuresStretchTheCloth() {
    GarmentPattern pattern =
        GarmentPattern.of(GarmentKind.FLAG, Size.ADULT, new Layout(600.0, 400.0, List.of()));
    Area bounds = pattern.front().bounds();
    assertThat(bounds.width()).isCloseTo(600, within(0.001));
    assertThat(bounds.height()).isCloseTo(400, within(0.001));
  }

  @Test
  @DisplayName("what the maker placed is where it was placed; the rest where it usually lies")
  void placedObstacles() {
    PlacedObstacle zip =
        new PlacedObstacle(Obstacle.ZIP, GarmentFace.FRONT, new Area(40, 10, 12, 200));
    Layout layout = new Layout(null, null, List.of(zip));
    GarmentPattern pattern = GarmentPattern.of(GarmentKind.VEST, Size.ADULT, layout);
    List<PlacedObstacle> all = pattern.obstacles(Set.of(Obstacle.ZIP, Obstacle.POCKET), layout);
    assertThat(all).contains(zip).hasSize(2);
    assertThat(pattern.obstacles(Set.of(Obstacle.POCKET), layout)).doesNotContain(zip);
  }

  @Test
  @DisplayName("turned over twice, everything lies where it was")
  void turnedOver() {
    GarmentPattern tee = GarmentPattern.of(GarmentKind.TOP, Size.ADULT, Layout.USUAL);
    Area there = new Area(30, 80, 100, 50);
    Area behind = GarmentPattern.behind(tee, GarmentFace.FRONT, there);
    assertThat(behind.x()).isEqualTo(-130);
    // The front's collar lies 65 mm lower than the back's.
    assertThat(behind.y()).isCloseTo(145, within(0.001));
    assertThat(GarmentPattern.behind(tee, GarmentFace.BACK, behind).y())
        .isCloseTo(80, within(0.01));
  }

  @Test
  void partOfAnAreaOnTheCloth() {
    Outline cloth =
        new Outline(
            List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100)));
    assertThat(cloth.holds(new Area(10, 10, 50, 50))).isEqualTo(1);
    assertThat(cloth.holds(new Area(50, 0, 100, 100))).isCloseTo(0.5, within(0.01));
    assertThat(cloth.holds(new Area(200, 0, 10, 10))).isZero();
  }
}
