package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.window.Edge;
import velvetkettle.core.heat.window.MostForgiving;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/** The map beside pressings that are computed one by one. */
class WindowMapTest {
  static Stream<PressingBuilder> stacks() {
    return Stream.of(
        PressingBuilder.film(),
        PressingBuilder.film().with(PressKind.HAND_MINI, Calibration.readsHigh(0)).at(155, 24),
        PressingBuilder.onPolyester("film-block"),
        PressingBuilder.onPolyester("film-low"),
        PressingBuilder.onPolyester("film-block").lying(WindowMapTest::upToTheRim),
        PressingBuilder.of("web-strong").at(150, 20),
        PressingBuilder.of("sub-direct")
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(DyeKind.UNDYED, Depth.WHITE),
        PressingBuilder.of("paper-light"));
  }

  @ParameterizedTest
  @MethodSource("stacks")
  @DisplayName("an edge is where pressings computed one by one change their word, within 1.5 K")
  void edgesAreWhereWordsChange(PressingBuilder stack) {
    Pressing pressing = stack.build();
    WindowMap map = WindowMap.of(pressing);
    for (double second : new double[] {7, 13, 25}) {
      for (Edge edge : map.edges()) {
        double celsius = map.at(edge, second);
        if (celsius > map.celsius().get(1) && celsius < map.celsius().get(19)) {
          double exact = firstHotter(celsius, platen -> changed(pressing, edge, platen, second));
          assertThat(celsius)
              .as("%s, safe %s, at %s s", edge.question(), edge.safe(), second)
              .isCloseTo(exact, within(1.5));
        }
      }
    }
  }

  /** Halved between 8 K on either side. */
  private static double firstHotter(double near, DoublePredicate changed) {
    double low = near - 8;
    double high = near + 8;
    while (high - low > 0.1) {
      double middle = (low + high) / 2;
      if (changed.test(middle)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return (low + high) / 2;
  }

  private static boolean changed(Pressing pressing, Edge edge, double platen, double second) {
    Pressing there = pressing.at(Celsius.of(platen), Seconds.of(second));
    Reading reading = read(there).harmedAs(read(there.atHottest()));
    Verdict verdict =
        HeatMargins.verdicts(there, reading, HeatMargins.spread(there)).of(edge.question());
    boolean passes = edge.safe() ? verdict == Verdict.SAFE : verdict != Verdict.NO;
    return passes == (edge.question() == Question.HOLD);
  }

  private static Reading read(Pressing pressing) {
    return Reading.of(pressing, PressSimulation.nominal(pressing, Detail.FINE).acts());
  }

  private static PlatenContact upToTheRim(PlatenContact middle) {
    return new PlatenContact(middle.loaded(), middle.share(), -7, 3);
  }

  @ParameterizedTest
  @MethodSource("stacks")
  @DisplayName("what is safe lies within what is not ruled out, and longer needs less heat")
  void edgesAreInOrder(PressingBuilder stack) {
    WindowMap map = WindowMap.of(stack.build());
    assertThat(map.edge(Question.HOLD, true).celsius()).isSortedAccordingTo((a, b) -> far(b, a));
    for (int t = 0; t < map.seconds().size(); t++) {
      assertThat(map.edge(Question.HOLD, true).celsius().get(t))
          .isGreaterThanOrEqualTo(map.edge(Question.HOLD, false).celsius().get(t));
      assertThat(map.edge(Question.MARK, true).celsius().get(t))
          .isLessThanOrEqualTo(map.edge(Question.MARK, false).celsius().get(t));
      assertThat(map.edge(Question.BLEED, true).celsius().get(t))
          .isLessThanOrEqualTo(map.edge(Question.BLEED, false).celsius().get(t));
    }
  }

  /** A tenth of a degree either way is the halving's. */
  private static int far(double a, double b) {
    return Math.abs(a - b) < 0.3 ? 0 : Double.compare(a, b);
  }

  @ParameterizedTest
  @MethodSource("stacks")
  @DisplayName("no setting of a fine grid is better by more than one step of the press's scale")
  void neverBeaten(PressingBuilder stack) {
    Pressing pressing = stack.build();
    WindowMap map = WindowMap.of(pressing);
    MostForgiving.Point best = best(map, pressing);
    double worth = MostForgiving.worth(map, best);
    double low = pressing.allowed().temperature().low().degrees();
    double high = pressing.allowed().temperature().high().degrees();
    for (double platen = low; platen <= high; platen += 0.25) {
      for (double second = pressing.allowed().time().low().count();
          second <= pressing.allowed().time().high().count();
          second += 0.25) {
        MostForgiving.Point other = new MostForgiving.Point(Celsius.of(platen), Seconds.of(second));
        assertThat(MostForgiving.worth(map, other)).isLessThanOrEqualTo(worth + 1);
      }
    }
  }

  private static MostForgiving.Point best(WindowMap map, Pressing pressing) {
    List<Celsius> platens =
        IntStream.rangeClosed(
                (int) pressing.allowed().temperature().low().degrees(),
                (int) pressing.allowed().temperature().high().degrees())
            .mapToObj(Celsius::of)
            .toList();
    List<Seconds> times =
        IntStream.rangeClosed(
                (int) pressing.allowed().time().low().count(),
                (int) pressing.allowed().time().high().count())
            .mapToObj(Seconds::of)
            .toList();
    return MostForgiving.of(
            map, platens, times, new MostForgiving.Point(pressing.platen(), pressing.time()))
        .orElseThrow();
  }

  @Test
  @DisplayName("what is safe enough stays at what is usual; what is not moves into the safe part")
  void staysOrMoves() {
    Pressing cotton = PressingBuilder.film().build();
    assertThat(best(WindowMap.of(cotton), cotton))
        .isEqualTo(new MostForgiving.Point(cotton.platen(), cotton.time()));
    Pressing print =
        PressingBuilder.of("sub-direct")
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(DyeKind.UNDYED, Depth.WHITE)
            .build();
    WindowMap map = WindowMap.of(print);
    MostForgiving.Point moved = best(map, print);
    assertThat(map.worst(print.platen().degrees(), print.time().count()))
        .isLessThan(MostForgiving.ENOUGH);
    assertThat(MostForgiving.worth(map, moved)).isEqualTo(MostForgiving.ENOUGH);
  }

  @Test
  @DisplayName("each layer is hotter the longer and the hotter it is pressed")
  void layersHeatUp() {
    WindowMap map = WindowMap.of(PressingBuilder.film().build());
    WindowMap.LayerHeat front =
        map.layers().stream()
            .filter(layer -> layer.name().key().equals("story.opened"))
            .filter(layer -> !layer.celsius().isEmpty())
            .findFirst()
            .orElseThrow();
    assertThat(front.celsius()).hasSize(21);
    assertThat(front.celsius().get(10)).isSorted();
    assertThat(front.celsius().stream().map(row -> row.get(20))).isSorted();
    assertThat(map.bond().get(10)).isSorted();
    assertThat(map.glueLine().get(20).get(20)).isGreaterThan(map.glueLine().get(0).get(20));
  }

  @Test
  @DisplayName("a steam iron has no map: it is moved and vented")
  void notComputed() {
    Pressing steam = PressingBuilder.film().with(PressKind.IRON_STEAM, Calibration.NONE).build();
    assertThatThrownBy(() -> WindowMap.of(steam)).isInstanceOf(IllegalArgumentException.class);
  }
}
