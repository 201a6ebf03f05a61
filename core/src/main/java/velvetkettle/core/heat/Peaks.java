package velvetkettle.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.SlabMapping;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;

/** The hottest that each layer of a closed phase got, in whole degrees. */
record Peaks(PhaseResult act, Kelvin giveOrTake) {
  /** The phase's Stack with the peak of each layer and of the glue line. */
  Stack stack() {
    if (!(act.phase() instanceof WorkPhase.Closed closed)) {
      throw new IllegalArgumentException("nothing is pressed while the press is open");
    }
    List<@Nullable Celsius> peaks = new ArrayList<>();
    for (SlabMapping.Band band : act.laying().bands()) {
      peaks.add(band.layer().kind() == LayerKind.HEATED_PLATEN ? closed.platen() : ofBand(band));
    }
    int below = act.laying().bondBelow();
    Celsius glueLine = below < 0 ? null : peak(moment -> act.trace().interfaceBelow(moment, below));
    return closed.stack().heated(peaks, glueLine, giveOrTake);
  }

  private @Nullable Celsius ofBand(SlabMapping.Band band) {
    if (band.end() == band.first()) {
      return null;
    }
    Trace trace = act.trace();
    return peak(
        moment ->
            (trace.upperFace(moment, band.first()) + trace.lowerFace(moment, band.end() - 1)) / 2);
  }

  private Celsius peak(IntToDoubleFunction celsius) {
    double peak = Double.NEGATIVE_INFINITY;
    for (int moment = 0; moment <= act.end(); moment++) {
      peak = Math.max(peak, celsius.applyAsDouble(moment));
    }
    return Celsius.of(Math.round(peak));
  }
}
