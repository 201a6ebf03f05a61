package velvetkettle.core.heat.window;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.phase.Openings;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.SlabMapping;
import velvetkettle.core.heat.window.WindowMap.LayerHeat;
import velvetkettle.core.press.LayerKind;

/** How hot each layer gets up to each opening: the mean of its two faces, as the Stack shows it. */
final class LayerHeats {
  private LayerHeats() {}

  static List<LayerHeat> of(List<Openings> shown, double[] seconds) {
    List<SlabMapping.Band> bands = shown.get(0).main().laying().bands();
    List<LayerHeat> heats = new ArrayList<>();
    for (int b = 0; b < bands.size(); b++) {
      int band = b;
      boolean thin = bands.get(b).end() == bands.get(b).first();
      List<List<Integer>> celsius =
          thin ? List.of() : shown.stream().map(o -> highest(o.main(), band, seconds)).toList();
      heats.add(new LayerHeat(bands.get(b).layer().kind(), bands.get(b).layer().name(), celsius));
    }
    return heats.stream().filter(heat -> heat.kind() != LayerKind.HEATED_PLATEN).toList();
  }

  private static List<Integer> highest(PhaseResult act, int band, double[] seconds) {
    SlabMapping.Band layer = act.laying().bands().get(band);
    Trace trace = act.trace();
    double[] highest =
        trace.highest(
            moment ->
                (trace.upperFace(moment, layer.first()) + trace.lowerFace(moment, layer.end() - 1))
                    / 2);
    return DoubleStream.of(seconds)
        .mapToObj(second -> (int) Math.round(trace.readAt(second, moment -> highest[moment])))
        .toList();
  }
}
