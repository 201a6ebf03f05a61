package velvetkettle.core.heat.phase;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.dose.Scorch;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.dose.SublimationDose;

/**
 * One press that was left closed for long, read as if it had been opened at any moment of it: one
 * march gives every time.
 */
public final class Openings {
  private final Pressing pressing;
  private final List<PhaseResult> before;
  private final PhaseResult main;
  private final Trace trace;
  private final Reading sofar;
  private final double[] hottest;
  private final List<double[]> scorches = new ArrayList<>();
  private final double[] tint;
  private final double[] fading;
  private final double[] print;
  private final double flows;
  private final double already;

  /**
   * @param acts the last of them is the press that is left closed
   */
  public Openings(Pressing pressing, List<PhaseResult> acts) {
    this.pressing = pressing;
    before = acts.subList(0, acts.size() - 1);
    main = acts.get(acts.size() - 1);
    trace = main.trace();
    sofar = Reading.of(pressing, before);
    already = Reading.alreadyMade(acts);
    hottest = trace.highest(main::hottestCloth);
    scorching().forEach(scorch -> scorches.add(scorched(scorch)));
    boolean stains = !pressing.medium().appearance().ownGround() && !prints();
    tint = trace.integrals(stains ? Reading.tintRate(pressing, main) : moment -> 0);
    fading = trace.integrals(fades());
    int below = main.laying().bondBelow();
    print =
        trace.integrals(
            moment -> prints() ? SublimationDose.rate(trace.interfaceBelow(moment, below)) : 0);
    flows = below < 0 ? Double.NaN : trace.hotterThan(Steam.COUNTS_ABOVE, below);
  }

  private boolean prints() {
    return pressing.medium().construction().dyesTheCloth();
  }

  private Stream<Scorch> scorching() {
    return pressing.garment().pressedFibres().stream().flatMap(fibre -> Scorch.of(fibre).stream());
  }

  private double[] scorched(Scorch fibre) {
    double already =
        before.stream()
            .mapToDouble(act -> act.trace().integral(Reading.scorchRate(fibre, act)))
            .sum();
    double[] doses = trace.integrals(Reading.scorchRate(fibre, main));
    for (int moment = 0; moment < doses.length; moment++) {
      doses[moment] += already;
    }
    return doses;
  }

  private IntToDoubleFunction fades() {
    boolean printed = Reading.fading(pressing, List.of(main), false) > 0;
    return printed ? Reading.fadingRate(pressing, main) : moment -> 0;
  }

  public PhaseResult main() {
    return main;
  }

  /** What it came to when it is opened then. */
  public Reading at(double second) {
    double hot = Math.max(sofar.hottestCloth(), read(second, hottest));
    double scorch = scorches.stream().mapToDouble(dose -> read(second, dose)).max().orElse(0);
    double bonded = bondedAfter();
    return new Reading(
        bond(second),
        bonded <= second ? bonded : Double.NaN,
        Math.max(sofar.glueLine(), glueLine(second)),
        hot,
        scorch,
        sofar.tint() + read(second, tint),
        sofar.fading() + read(second, fading),
        sofar.steam() + steam(second),
        Reading.touchesBare(main) ? hot : sofar.bareShine());
  }

  private double read(double second, double[] values) {
    return trace.readAt(second, moment -> values[moment]);
  }

  private double bond(double second) {
    if (prints()) {
      return sofar.bond() + read(second, print) / SublimationDose.FULL;
    }
    GlueLine line = main.passage().bond();
    return line == null
        ? sofar.bond()
        : (trace.readAt(second, trace::bond) - already) / pressing.needed(line.adhesive());
  }

  private double bondedAfter() {
    GlueLine line = main.passage().bond();
    return line == null
        ? Double.NaN
        : trace.bondReaches(pressing.needed(line.adhesive()) + already);
  }

  private double glueLine(double second) {
    int below = main.laying().bondBelow();
    return below < 0 ? Reading.NOWHERE : trace.interfaceAt(second, below);
  }

  private double steam(double second) {
    if (Double.isNaN(flows) || second <= flows) {
      return 0;
    }
    IntToDoubleFunction water = main::waterUnderMedium;
    return Math.max(0, trace.readAt(flows, water) - trace.readAt(second, water));
  }
}
