package velvetkettle.core.plan.trial;

import java.util.Optional;
import java.util.stream.Stream;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** What a change comes to beside how it is now, and the time that makes up for it. */
final class Compensation {
  private final HeatModel heat;

  /** As the maker has it. */
  private final OwnSetting own;

  private final Compared before;

  Compensation(HeatModel heat, OwnSetting own, Compared before) {
    this.heat = heat;
    this.own = own;
    this.before = before;
  }

  /** The change in words and numbers, and what of it can be kept. */
  WhatIf told(Variation change) {
    Compared after = Compared.of(change.pressing(), heat.bearing(change.pressing()));
    OwnSetting kept = change.kept();
    Sentence keeping = change.keeping();
    if (kept == null || change.itself() && after.margins().ruleOut()) {
      OwnSetting so = kept == null ? own : kept;
      String words = kept == null ? "whatif.keep.time" : "whatif.keep.so-for";
      Optional<Seconds> longer = longer(change, after);
      kept = longer.map(time -> so.at(change.dial(), time)).orElse(null);
      keeping = longer.map(time -> Sentence.of(words, time)).orElse(null);
    }
    return new WhatIf(
        change.kind(),
        change.what(),
        after.difference(before),
        after.told(before),
        after.margins(),
        Kelvin.of(Math.round(after.glueLine() - before.glueLine())),
        after.room() - before.room(),
        kept,
        keeping);
  }

  /** The time that makes up for a change; empty where none does. */
  private Optional<Seconds> longer(Variation change, Compared after) {
    if (after.margins().ruleOut() && !after.onlyHoldFails()) {
      return Optional.empty();
    }
    Seconds least = change.pressing().allowed().time().low();
    return after.secondsUntil(before.bond()).stream()
        .flatMap(time -> Stream.of(time, time.compareTo(least) < 0 ? least : time))
        .filter(time -> !ruledOut(change.pressing(), time))
        .findFirst();
  }

  private boolean ruledOut(Pressing pressing, Seconds time) {
    return margins(pressing.at(pressing.platen(), time)).ruleOut();
  }

  /** Without what else heat would tell of it, which takes as long again. */
  private Margins margins(Pressing pressing) {
    return heat.bearing(pressing).after(Exposure.NONE);
  }
}
