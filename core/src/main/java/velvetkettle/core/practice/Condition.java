package velvetkettle.core.practice;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.heat.PressDiagnosis;
import velvetkettle.core.heat.PressDiagnosis.Ended;
import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * All that decides what comes of one place of a piece.
 *
 * @param pressing as it was done
 * @param peel when the carrier should come off
 * @param press by its nature; how hot it was is in the lags
 * @param off how far this place of the platen is off its mean at 150 °C, K
 * @param lags how far the platen was below its setting at each closing, K
 * @param draw the contact and the cloth
 */
record Condition(
    Pressing pressing,
    Peel peel,
    SimulatedPress press,
    double off,
    List<Double> lags,
    ParameterSample draw) {
  Condition {
    lags = List.copyOf(lags);
  }

  /**
   * What came of it.
   *
   * @param platen true temperature of this place as the main press closed, °C
   */
  record PressedResult(
      PressDiagnosis ending, Reading reading, double platen, List<PhaseResult> acts) {}

  PressedResult came() {
    List<Heater> heaters = new ArrayList<>();
    List<PhaseResult> acts =
        PressSimulation.prepared(pressing, pressing.phases(), draw, Detail.FINE)
            .under(
                closed -> {
                  heaters.add(heater(closed, lag(heaters.size())));
                  return heaters.get(heaters.size() - 1);
                });
    Reading reading = Reading.of(pressing, acts);
    double hottest =
        heaters.stream()
            .mapToDouble(heater -> Math.max(heater.nowCelsius(), heater.setCelsius()))
            .max()
            .orElseThrow();
    double platen = heaters.get(mainClosing()).nowCelsius();
    return new PressedResult(ending(reading, acts, hottest), reading, platen, acts);
  }

  private double lag(int closing) {
    return lags.isEmpty() ? 0 : lags.get(Math.min(closing, lags.size() - 1));
  }

  /** At the main press. */
  double mainLag() {
    return lag(mainClosing());
  }

  private int mainClosing() {
    return (int)
            pressing.untilPressed().stream()
                .filter(phase -> phase instanceof WorkPhase.Closed)
                .count()
        - 1;
  }

  private Heater heater(WorkPhase.Closed closed, double lag) {
    double target = closed.platen().degrees() - press.nature().readsHigh().degrees();
    return press.opened(target - lag).heater(target, off);
  }

  private PressDiagnosis ending(Reading reading, List<PhaseResult> acts, double hottest) {
    PressDiagnosis ending = PressDiagnosis.of(pressing, reading, hottest);
    PhaseResult peeled = peelTurn(pressing) < 0 ? null : acts.get(peelTurn(pressing));
    if (peeled == null || peeled.laying().bondBelow() < 0) {
      return ending;
    }
    double celsius = peeled.trace().interfaceBelow(peeled.end(), peeled.laying().bondBelow());
    Ended pull = Peeled.of(peel, celsius);
    return pull.verdict().compareTo(ending.hold().verdict()) > 0 ? ending.holding(pull) : ending;
  }

  /** The phase after the main press at whose end the carrier comes off; -1 where none does. */
  static int peelTurn(Pressing pressing) {
    int next = pressing.untilPressed().size();
    boolean peels =
        Peeling.hasCarrier(pressing.medium())
            && next < pressing.phases().size()
            && pressing.phases().get(next) instanceof WorkPhase.Open;
    return peels ? next : -1;
  }

  Condition at(double otherOff) {
    return new Condition(pressing, peel, press, otherOff, lags, draw);
  }

  Condition by(SimulatedPress other) {
    return new Condition(pressing, peel, other, off, lags, draw);
  }

  Condition lagging(List<Double> otherLags) {
    return new Condition(pressing, peel, press, off, otherLags, draw);
  }

  Condition with(ParameterSample other) {
    return new Condition(pressing, peel, press, off, lags, other);
  }

  Condition pressed(Pressing other) {
    return new Condition(other, peel, press, off, lags, draw);
  }
}
