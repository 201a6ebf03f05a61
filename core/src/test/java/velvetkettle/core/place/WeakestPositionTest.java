package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;

class WeakestPositionTest {
  private static final double OVERLAP = 20;
  private static final double WIDTH = 400;
  private static final double DEPTH = 500;

  private static Press press(PlatenMap map) {
    return new Press(
        "big press",
        PressKind.PLATE_DRAW,
        Millimetres.of(WIDTH),
        Millimetres.of(DEPTH),
        new Calibration(Kelvin.of(0), Kelvin.of(3), true, null, null, map, LocalDate.EPOCH));
  }

  private static PlatenContact weakest(
      Area art, List<Area> positions, PlatenMap map, List<PlacedObstacle> beside, Pad pad) {
    return new WeakestPosition(
            press(map),
            art,
            positions,
            Collections.nCopies(positions.size(), 1.0),
            beside,
            0.6,
            pad,
            OVERLAP)
        .weakest();
  }

  @Test
  @DisplayName("small art in the middle is as warm as the middle, art up to the rim as the rim")
  void rim() {
    Area platen = new Area(-200, 0, WIDTH, DEPTH);
    PlatenContact small =
        weakest(
            new Area(-5, 245, 10, 10), List.of(platen), PlatenMap.USUAL, List.of(), Pad.RUBBER_PAD);
    assertThat(small.coolest()).isEqualTo(0);
    assertThat(small.isEven()).isTrue();
    PlatenContact whole =
        weakest(platen, List.of(platen), PlatenMap.USUAL, List.of(), Pad.FOAM_PAD);
    assertThat(whole.coolest()).isEqualTo(-3.5);
    assertThat(whole.hottest()).isEqualTo(0);
    assertThat(whole.loaded()).isCloseTo(WIDTH * DEPTH, within(0.03 * WIDTH * DEPTH));
  }

  @Test
  @DisplayName("the coolest and hottest place of random art, found again point by point")
  void pointByPoint() {
    Random random = new Random(12);
    for (int run = 0; run < 60; run++) {
      PlatenMap map =
          new PlatenMap(IntStream.range(0, 9).mapToObj(n -> 5 * random.nextGaussian()).toList());
      Area art =
          new Area(
              -random.nextInt(350),
              random.nextInt(200),
              100 + random.nextInt(600),
              60 + random.nextInt(900));
      List<Area> positions =
          PressPositions.cover(
                  new PressPositions.Task(List.of(art), WIDTH, DEPTH, OVERLAP, List.of(), null))
              .positions();
      PlatenContact found = weakest(art, positions, map, List.of(), Pad.FOAM_PAD);
      double coolest = 1e9;
      double hottest = -1e9;
      for (double x = art.x(); x <= art.right(); x += art.width() / 60) {
        for (double y = art.y(); y <= art.bottom(); y += art.height() / 60) {
          List<Double> pressedAt = new ArrayList<>();
          for (Area position : positions) {
            double across = 2 * (x - position.middle()) / position.width();
            double along = 2 * (y - position.y()) / position.height() - 1;
            if (Math.abs(across) <= 1 && Math.abs(along) <= 1) {
              boolean turned = Math.abs(position.width() - WIDTH) > 1;
              pressedAt.add(turned ? Double.NaN : map.at(across, along));
            }
          }
          assertThat(pressedAt).isNotEmpty();
          if (pressedAt.stream().noneMatch(off -> off.isNaN())) {
            coolest = Math.min(coolest, Collections.max(pressedAt));
            hottest = Math.max(hottest, Collections.max(pressedAt));
          }
        }
      }
      // A place that two positions press is told by the one it belongs to: at most a bit cooler.
      assertThat(found.coolest()).isLessThan(coolest + 0.26);
      if (positions.size() == 1 && Math.abs(positions.get(0).width() - WIDTH) < 1) {
        assertThat(found.coolest()).isCloseTo(coolest, within(0.5));
        assertThat(found.hottest()).isCloseTo(hottest, within(0.5));
      }
    }
  }

  @Test
  @DisplayName("a cold corner counts only where the art reaches it, whichever way the platen lies")
  void coldCorner() {
    PlatenMap map = new PlatenMap(List.of(1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, -8.0));
    Area platen = new Area(-200, 0, WIDTH, DEPTH);
    List<Area> one = List.of(platen);
    Area away = new Area(-190, 10, 180, 230);
    Area at = new Area(10, 260, 180, 230);
    assertThat(weakest(away, one, map, List.of(), Pad.FOAM_PAD).coolest()).isEqualTo(1);
    assertThat(weakest(at, one, map, List.of(), Pad.FOAM_PAD).coolest()).isLessThan(-6);
    List<Area> turned = List.of(new Area(-250, 0, DEPTH, WIDTH));
    Area whole = new Area(-240, 10, DEPTH - 20, WIDTH - 20);
    assertThat(weakest(whole, turned, map, List.of(), Pad.FOAM_PAD).coolest()).isLessThan(-6);
  }

  /** The same bed closed until its force is reached, by halving. */
  private static double pressureOnTheFlat(
      double force, double flat, double raised, double height, double stiffness) {
    double low = -height;
    double high = 50;
    for (int n = 0; n < 200; n++) {
      double sunk = (low + high) / 2;
      double carried = stiffness * (flat * Math.max(0, sunk) + raised * Math.max(0, sunk + height));
      if (carried < force) {
        low = sunk;
      } else {
        high = sunk;
      }
    }
    return stiffness * Math.max(0, low);
  }

  @Test
  @DisplayName("what a seam beside the art takes, found again by closing the bed until it carries")
  void seam() {
    Area platen = new Area(-200, 0, WIDTH, DEPTH);
    Area art = new Area(-60, 100, 120, 120);
    PlacedObstacle seam =
        new PlacedObstacle(Obstacle.SEAM, GarmentFace.FRONT, new Area(-200, 400, WIDTH, 40));
    for (Pad pad : Pad.values()) {
      double share = weakest(art, List.of(platen), PlatenMap.USUAL, List.of(seam), pad).share();
      double stiffness = 1 / (1 / pad.stiffness() + 1 / 150.0);
      double raised = 40 * WIDTH;
      double flat = WIDTH * DEPTH - raised;
      double pressure = pressureOnTheFlat(20 * WIDTH * DEPTH, flat, raised, 2 * 0.6, stiffness);
      assertThat(share).as(pad.name()).isCloseTo(pressure / 20, within(0.026));
    }
    double soft =
        weakest(art, List.of(platen), PlatenMap.USUAL, List.of(seam), Pad.FOAM_PAD).share();
    double hard =
        weakest(art, List.of(platen), PlatenMap.USUAL, List.of(seam), Pad.RUBBER_PAD).share();
    assertThat(hard).isLessThan(soft);
    PlacedObstacle below =
        new PlacedObstacle(Obstacle.SEAM, GarmentFace.FRONT, new Area(-200, 150, WIDTH, 12));
    assertThat(
            weakest(art, List.of(platen), PlatenMap.USUAL, List.of(below), Pad.RUBBER_PAD).share())
        .as("a seam under the art itself is not beside it")
        .isEqualTo(1);
  }
}
