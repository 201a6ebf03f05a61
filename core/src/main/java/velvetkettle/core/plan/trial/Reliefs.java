package velvetkettle.core.plan.trial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import velvetkettle.core.heat.window.MostForgiving;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.plan.SettingSelection;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.trial.Trials.Relief;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * What would make an empty window do: a setting beyond it, and single changes under which its best
 * setting is no longer ruled out.
 */
final class Reliefs {
  private final WhatIfs whatIfs;
  private final SettingSelection.Settled settled;
  private final OwnSetting own;
  private final WindowMap map;
  private final MostForgiving.Point best;

  Reliefs(
      WhatIfs whatIfs,
      SettingSelection.Settled settled,
      OwnSetting own,
      WindowMap map,
      MostForgiving.Point best) {
    this.whatIfs = whatIfs;
    this.settled = settled;
    this.own = own;
    this.map = map;
    this.best = best;
  }

  List<Relief> all() {
    List<Relief> all = new ArrayList<>();
    beyond().ifPresent(all::add);
    whatIfs.all().stream()
        .filter(whatIf -> !whatIf.margins().ruleOut())
        .filter(whatIf -> isForTheMaker(whatIf.kind()))
        .map(whatIf -> new Relief(Sentence.of("relief.change", whatIf.what()), whatIf.kept()))
        .forEach(all::add);
    return all;
  }

  private static boolean isForTheMaker(WhatIf.Kind kind) {
    return switch (kind) {
      case COVER, PAD, OTHER_PRESS, KEPT_MOVING, FROM_BACK, WARM_CLOTH, NO_PRE_PRESS -> true;
      case DAMP_ROOM, THICKER_CLOTH, COOLER_PLATEN, HOTTER_PLATEN, SECOND_LAYER -> false;
    };
  }

  /** The nearest setting outside what sheet or trade allows at which nothing says no. */
  private Optional<Relief> beyond() {
    Kelvin readsHigh = settled.pressing().press().calibration().readsHigh();
    int low = (int) Math.ceil(map.celsius().get(0));
    int high = (int) Math.floor(map.celsius().get(map.celsius().size() - 1));
    int longest = (int) Math.floor(map.seconds().get(map.seconds().size() - 1));
    return IntStream.rangeClosed(low, high)
        .boxed()
        .flatMap(platen -> points(platen, longest))
        .filter(p -> map.worstBeforeNo(p.platen().degrees(), p.time().count()) >= 1)
        .min(Comparator.comparingDouble(this::away))
        .map(
            p -> {
              Celsius dial = p.platen().plus(readsHigh);
              return new Relief(
                  Sentence.of(
                      settled.pressing().allowed().bySheet()
                          ? "relief.beyond-sheet"
                          : "relief.beyond-trade",
                      dial,
                      p.time()),
                  own.at(dial, p.time()));
            });
  }

  private static Stream<MostForgiving.Point> points(int platen, int longest) {
    return IntStream.rangeClosed(1, longest)
        .mapToObj(second -> new MostForgiving.Point(Celsius.of(platen), Seconds.of(second)));
  }

  private double away(MostForgiving.Point point) {
    return Math.abs(point.platen().degrees() - best.platen().degrees())
        + Math.abs(point.time().count() - best.time().count());
  }
}
