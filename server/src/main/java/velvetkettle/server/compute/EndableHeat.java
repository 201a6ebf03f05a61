package velvetkettle.server.compute;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import velvetkettle.core.heat.Drying;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.Judgement;
import velvetkettle.core.heat.LaterHeatTolerance;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * A heat model whose work ends when its thread is interrupted: between two answers, which take
 * milliseconds.
 */
public final class EndableHeat implements HeatModel {
  private final HeatModel heat;

  public EndableHeat(HeatModel heat) {
    this.heat = heat;
  }

  /**
   * @throws CancellationException where nobody waits any more
   */
  private HeatModel heat() {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException();
    }
    return heat;
  }

  @Override
  public Judgement judge(Pressing pressing) {
    return heat().judge(pressing);
  }

  @Override
  public LaterHeatTolerance bearing(Pressing pressing) {
    return heat().bearing(pressing);
  }

  @Override
  public Exposure exposure(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {
    return heat().exposure(workplace, lying, presses);
  }

  @Override
  public Drying drying(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {
    return heat().drying(workplace, bare, platen, pressure, mainPress);
  }

  @Override
  public Optional<Seconds> throughCloth(Pressing pressing) {
    return heat().throughCloth(pressing);
  }
}
