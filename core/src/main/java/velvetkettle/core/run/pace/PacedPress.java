package velvetkettle.core.run.pace;

import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * One piece after the other on one press: each takes heat out of the platen, and the next finds
 * what came back meanwhile.
 */
final class PacedPress implements PressSimulation.Platens {
  private final Pressing pressing;

  /** By how much it is set hotter than planned, K. */
  private final double hotter;

  private SimulatedPress press;

  /**
   * @param press as it stands before the first piece
   * @param hotter by how much it is set hotter than planned, K
   */
  PacedPress(Pressing pressing, SimulatedPress press, double hotter) {
    this.pressing = pressing;
    this.press = press;
    this.hotter = hotter;
  }

  /** The glue line of the next piece at its hottest, °C. */
  double piece() {
    return Reading.of(
            pressing,
            PressSimulation.prepared(
                    pressing, pressing.phases(), ParameterSample.NOMINAL, Detail.FINE)
                .under(this))
        .glueLine();
  }

  /** The press left open for a while. */
  void standing(Seconds time) {
    press = press.standing(time);
  }

  SimulatedPress press() {
    return press;
  }

  @Override
  public Heater over(WorkPhase.Closed closed) {
    return press.heater(closed.platen().degrees() + hotter, 0);
  }

  @Override
  public void after(PhaseResult act) {
    press =
        act.closed()
            ? press.opened(act.trace().platen(act.end()))
            : press.standing(act.phase().time());
  }
}
