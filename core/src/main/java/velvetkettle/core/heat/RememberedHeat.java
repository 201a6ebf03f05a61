package velvetkettle.core.heat;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
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
  private final Cache<Pressing, Judgement> judged = remembering();
  private final Cache<Pressing, LaterHeatTolerance> bearings = remembering();
  private final Cache<Exposed, Exposure> exposed = remembering();
  private final Cache<Pressing, Optional<Seconds>> through = remembering();
  private final Cache<ToDry, Drying> dried = remembering();

  public RememberedHeat(HeatModel heat) {
    this.heat = heat;
  }

  private record ToDry(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {}

  private record Exposed(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {}

  private static <K, V> Cache<K, V> remembering() {
    return Caffeine.newBuilder().maximumSize(ANSWERS).build();
  }

  @Override
  public Judgement judge(Pressing pressing) {
    return judged.get(pressing, heat::judge);
  }

  @Override
  public LaterHeatTolerance bearing(Pressing pressing) {
    return bearings.get(pressing, heat::bearing);
  }

  @Override
  public Exposure exposure(Workplace workplace, Pressing lying, List<WorkPhase.Closed> presses) {
    return exposed.get(
        new Exposed(workplace, lying, List.copyOf(presses)),
        asked -> heat.exposure(asked.workplace, asked.lying, asked.presses));
  }

  @Override
  public Drying drying(
      Workplace workplace, Stack bare, Celsius platen, Pressure pressure, Seconds mainPress) {
    return dried.get(
        new ToDry(workplace, bare, platen, pressure, mainPress),
        asked ->
            heat.drying(
                asked.workplace, asked.bare, asked.platen, asked.pressure, asked.mainPress));
  }

  @Override
  public Optional<Seconds> throughCloth(Pressing pressing) {
    return through.get(pressing, heat::throughCloth);
  }
}
