package velvetkettle.core.heat.story;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.heat.dose.Migration;
import velvetkettle.core.heat.dose.Resublimation;
import velvetkettle.core.heat.dose.Scorch;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/** What the heat came to, each dose with the line that it is held against. */
public record Doses(Pressing pressing, Reading reading) {
  private static final double SHOWN_AFTER_HOURS = 72;

  List<Sentence> sentences() {
    List<Sentence> said = new ArrayList<>();
    boolean print = pressing.medium().construction().dyesTheCloth();
    said.add(Sentence.of(print ? "dose.print" : "dose.bond", Times.upTo(reading.bond())));
    said.add(Sentence.of("dose.hottest-cloth", Celsius.of(Math.round(reading.hottestCloth()))));
    if (yellows()) {
      said.add(Sentence.of("dose.scorch", percent(reading.scorch())));
    }
    if (reading.tint() > 0) {
      said.add(
          Sentence.of(
              "dose.tint",
              percent(reading.tint()),
              percent(Migration.shownAfterHours(SHOWN_AFTER_HOURS))));
    }
    if (reading.fading() > 0) {
      said.add(
          Sentence.of("dose.fading", Times.upTo(reading.fading() / Resublimation.FADES_ABOVE)));
    }
    said.add(Sentence.of("dose.steam", (int) Math.round(reading.steam()), (int) Steam.TOO_MUCH));
    return said;
  }

  private boolean yellows() {
    return pressing.garment().pressedFibres().stream()
        .anyMatch(fibre -> Scorch.of(fibre).isPresent());
  }

  private static int percent(double share) {
    return (int) Math.min(100_000, Math.round(100 * share));
  }
}
