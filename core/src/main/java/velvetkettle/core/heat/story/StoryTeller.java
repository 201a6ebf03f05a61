package velvetkettle.core.heat.story;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.TemperatureUncertainty;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.dose.Migration;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.dose.Softening;
import velvetkettle.core.heat.dose.SublimationDose;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.phase.SlabMapping;
import velvetkettle.core.heat.story.HeatStory.Curve;
import velvetkettle.core.heat.story.HeatStory.Event;
import velvetkettle.core.heat.story.HeatStory.LayerTrack;
import velvetkettle.core.heat.story.HeatStory.Limit;
import velvetkettle.core.heat.story.HeatStory.Stretch;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Sentence;

/**
 * Tells what the heat does in all phases of a pressing.
 *
 * <ol>
 *   <li>All phases are run as they are likeliest.
 *   <li>Each phase is read at a few dozen moments, closer together where it begins.
 *   <li>Faces become curves, doses become events and sentences, limits become lines.
 * </ol>
 */
public final class StoryTeller {
  /** Enough for a smooth line on a screen. */
  private static final int MOMENTS = 40;

  private final Pressing pressing;
  private final PressSimulation.Run run;
  private final List<PhaseResult> acts;
  private final Reading reading;
  private final List<Double> seconds = new ArrayList<>();
  private final List<Stretch> stretches = new ArrayList<>();
  private final Map<String, LayerTrack> layers = new LinkedHashMap<>();
  private final List<Curve> platen = new ArrayList<>();
  private final List<Curve> glueLine = new ArrayList<>();
  private final List<Event> events = new ArrayList<>();

  private StoryTeller(Pressing pressing) {
    this.pressing = pressing;
    run = PressSimulation.nominal(pressing, Detail.FINE);
    acts = run.acts();
    reading = Reading.of(pressing, acts);
  }

  /**
   * Throws {@link IllegalArgumentException} where heat is not computed: a moved or vented tool, or
   * layers of which it is not known what they are made of.
   */
  public static HeatStory tell(Pressing pressing) {
    if (!pressing.isComputed()) {
      throw new IllegalArgumentException("heat is not computed for " + pressing.press().kind());
    }
    return new StoryTeller(pressing).story();
  }

  private HeatStory story() {
    double now = 0;
    for (PhaseResult act : acts) {
      double span = act.phase().time().count();
      stretches.add(new Stretch(act.phase().name(), act.closed(), act.main(), now, now + span));
      curves(act, now, span);
      happenings(act, now);
      now += span;
    }
    events.sort(Comparator.comparingDouble(Event::at));
    return new HeatStory(
        seconds,
        stretches,
        fromTheTopDown(),
        platen,
        glueLine,
        events,
        limits(),
        peelMoment(),
        new Doses(pressing, reading).sentences(),
        TemperatureUncertainty.of(pressing));
  }

  private void curves(PhaseResult act, double start, double span) {
    int from = seconds.size();
    double[] moments = new double[MOMENTS + 1];
    for (int i = 0; i <= MOMENTS; i++) {
      double share = (double) i / MOMENTS;
      moments[i] = span * share * share;
      seconds.add(Math.round(1000 * (start + moments[i])) / 1000.0);
    }
    Trace trace = act.trace();
    List<String> keys = keys(act);
    for (int i = 0; i < keys.size(); i++) {
      SlabMapping.Band band = act.laying().bands().get(i);
      if (band.end() > band.first()) {
        int upper = band.first();
        int lower = band.end() - 1;
        add(
            keys.get(i),
            band.layer(),
            curve(from, moments, trace, m -> trace.upperFace(m, upper)),
            curve(from, moments, trace, m -> trace.lowerFace(m, lower)));
      }
    }
    int below = act.laying().bondBelow();
    if (below >= 0) {
      glueLine.add(curve(from, moments, trace, m -> trace.interfaceBelow(m, below)));
    }
    if (act.closed()) {
      platen.add(curve(from, moments, trace, trace::platen));
    }
  }

  private static Curve curve(int from, double[] moments, Trace trace, IntToDoubleFunction celsius) {
    List<Double> read = new ArrayList<>();
    for (double moment : moments) {
      read.add(Math.round(10 * trace.readAt(moment, celsius)) / 10.0);
    }
    return new Curve(from, read);
  }

  /** As they lie under the main press; what is not there then comes last. */
  private List<LayerTrack> fromTheTopDown() {
    List<String> order = new ArrayList<>();
    acts.stream()
        .filter(PhaseResult::bonds)
        .reduce((first, second) -> second)
        .ifPresent(main -> order.addAll(keys(main)));
    layers.keySet().stream().filter(key -> !order.contains(key)).forEach(order::add);
    return order.stream().filter(layers::containsKey).map(layers::get).toList();
  }

  /** Each layer's kind and the how many-th of that kind it is, from the top down. */
  private static List<String> keys(PhaseResult act) {
    Map<LayerKind, Integer> counts = new LinkedHashMap<>();
    return act.laying().bands().stream()
        .map(SlabMapping.Band::layer)
        .map(layer -> layer.kind() + " " + counts.merge(layer.kind(), 1, Integer::sum))
        .toList();
  }

  private void add(String key, Layer layer, Curve upper, Curve lower) {
    layers.merge(
        key,
        new LayerTrack(layer.kind(), layer.name(), List.of(upper), List.of(lower)),
        (before, now) ->
            new LayerTrack(
                before.kind(),
                before.name(),
                joined(before.upper(), now.upper()),
                joined(before.lower(), now.lower())));
  }

  private static List<Curve> joined(List<Curve> before, List<Curve> now) {
    return Stream.concat(before.stream(), now.stream()).toList();
  }

  private void happenings(PhaseResult act, double start) {
    int below = act.laying().bondBelow();
    if (below < 0) {
      return;
    }
    Trace trace = act.trace();
    GlueLine line = act.passage().bond();
    if (act.bonds() && line != null) {
      double flows = line.adhesive().flowsAtCelsius();
      at(act, start, "story.glue-flows", trace.hotterThan(flows, below));
      double needed = pressing.needed(line.adhesive()) + Reading.alreadyMade(acts);
      if (trace.bond(0) < needed) {
        at(act, start, "story.bond-made", trace.bondReaches(needed));
      }
    }
    if (act.bonds() && pressing.medium().construction().dyesTheCloth()) {
      at(act, start, "story.print-over", printed(trace, below));
    }
    if (!act.closed() && reading.tint() > 0) {
      at(act, start, "story.dye-rests", trace.coolerThan(Migration.ENDS_BELOW, below));
    }
  }

  private static double printed(Trace trace, int below) {
    double[] dose = new double[trace.size()];
    for (int m = 1; m < dose.length; m++) {
      double rate = SublimationDose.rate(trace.interfaceBelow(m, below));
      dose[m] = dose[m - 1] + rate * (trace.second(m) - trace.second(m - 1));
    }
    return trace.first(m -> dose[m] - SublimationDose.FULL);
  }

  /** Not where it never happens, and not where it was so from the beginning. */
  private void at(PhaseResult act, double start, String key, double second) {
    if (second > 0) {
      double celsius = act.trace().interfaceAt(second, act.laying().bondBelow());
      events.add(
          new Event(
              Sentence.of(key),
              Math.round(10 * (start + second)) / 10.0,
              Math.round(10 * celsius) / 10.0));
    }
  }

  private HeatStory.@Nullable PeelMoment peelMoment() {
    boolean pressed = acts.stream().anyMatch(PhaseResult::main);
    return pressed && Peeling.hasCarrier(pressing.medium())
        ? new HeatStory.PeelMoment(Peeling.onPad(pressing, run), Peeling.onTable(pressing, run))
        : null;
  }

  /**
   * Cloth shines only where a platen itself comes down on it: under a sheet there is no such line.
   */
  private List<Limit> limits() {
    boolean bare = acts.stream().anyMatch(act -> act.closed() && Reading.platenMeetsCloth(act));
    List<Limit> limits = new ArrayList<>();
    pressing
        .garment()
        .pressedFibres()
        .forEach(
            fibre -> {
              Softening.of(fibre)
                  .ifPresent(
                      line ->
                          limits.add(
                              new Limit(
                                  Sentence.of("story.limit.softens", fibre, fibre.damage()),
                                  line.degrees())));
              Shine.onset(fibre)
                  .filter(onset -> bare)
                  .ifPresent(
                      onset ->
                          limits.add(
                              new Limit(
                                  Sentence.of("story.limit.shines", fibre), onset.degrees())));
            });
    return limits;
  }
}
