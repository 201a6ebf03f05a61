package velvetkettle.core.heat;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/** All that the planner asks of heat. Answers depend on nothing but the question. */
public interface HeatModel {
  /** Hold, Mark and Bleed of a pressing, with the heat behind them. */
  Judgement judge(Pressing pressing);

  /** What it bears of presses for other things that come after it. */
  LaterHeatTolerance bearing(Pressing pressing);

  /**
   * What presses over a decoration that lies there give it; nothing where heat does not speak of
   * the tool.
   *
   * @param presses each over a Stack that the decoration lies in
   */
  Exposure exposure(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses);

  /**
   * How long the cloth is dried.
   *
   * @param bare the bare cloth under the platen
   * @param mainPress how long the press that follows takes
   */
  Drying drying(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress);

  /** How long a press from the back takes; empty where heat does not say. */
  Optional<Seconds> throughCloth(Pressing pressing);
}
