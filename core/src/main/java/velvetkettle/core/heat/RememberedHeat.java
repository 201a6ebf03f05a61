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

/**
 * Remembers what a heat model answered, because the same stack is asked for at every letter that is
 * typed into a ticket. What was asked least lately is forgotten first.
 */
public final class RememberedHeat implements HeatModel {
  /** A day's tickets against all media; an answer holds a few kilobytes. */
  private static final int ANSWERS = 4000;

  private final HeatModel heat;
  private final Remembered<Pressing, Judgement> judged = new Remembered<>(ANSWERS);
  private final Remembered<Pressing, LaterHeatTolerance> bearings = new Remembered<>(ANSWERS);
  private final Remembered<Exposed, Exposure> exposed = new Remembered<>(ANSWERS);
  private final Remembered<Pressing, Optional<Seconds>> through = new Remembered<>(ANSWERS);
  private final Remembered<ToDry, Drying> dried = new Remembered<>(ANSWERS);

  public RememberedHeat(HeatModel heat) {
    this.heat = heat;
  }

  private record ToDry(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {}

  private record Exposed(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {}

  @Override
  public Judgement judge(Pressing pressing) {
    return judged.of(pressing, heat::judge);
  }

  @Override
  public LaterHeatTolerance bearing(Pressing pressing) {
    return bearings.of(pressing, heat::bearing);
  }

  @Override
  public Exposure exposure(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {
    return exposed.of(
        new Exposed(workplace, lying, List.copyOf(presses)),
        asked -> heat.exposure(asked.workplace, asked.lying, asked.presses));
  }

  @Override
  public Drying drying(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {
    return dried.of(
        new ToDry(workplace, bare, platen, pressure, mainPress),
        asked ->
            heat.drying(
                asked.workplace, asked.bare, asked.platen, asked.pressure, asked.mainPress));
  }

  @Override
  public Optional<Seconds> throughCloth(Pressing pressing) {
    return through.of(pressing, heat::throughCloth);
  }
}
