package velvetkettle.core.heat.window;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import velvetkettle.core.heat.Spread;
import velvetkettle.core.heat.band.Band;
import velvetkettle.core.heat.band.SamplingPlan;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Openings;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * What a pressing comes to at any platen temperature and time, with the spread of it.
 *
 * <ol>
 *   <li>For each temperature of the lattice, one march with the press left closed gives every time;
 *       bands are differences between rough ones.
 *   <li>A platen that is off is a platen at another temperature, which the lattice has already; the
 *       other unknowns are moved one march each. So is a place of the art that is hotter than its
 *       coolest.
 *   <li>What comes after the opening is added from {@link PostOpeningDose}.
 * </ol>
 *
 * Cost: about two hundred marches, on all processors; a plain crowd of 64 draws would take three
 * times as long.
 */
final class WindowField {
  /** No map goes beyond it, °C. */
  private static final double HOTTEST = 260;

  private final Lattice lattice;
  private final Unknowns unknowns;
  private final PlatenContact under;
  private final double room;
  private final List<double[]> guesses = SamplingPlan.guesses();

  /** For each guess the march that serves it; the first march is the likeliest. */
  private final int[] marchOf = new int[guesses.size()];

  private final List<double[]> marches = new ArrayList<>();

  /** By march, temperature, quantity and time: the rough ones, and last the likeliest once more. */
  private final double[][][][] values;

  private final Openings[] likeliest;
  private final PostOpeningDose afterwards;

  WindowField(Pressing pressing) {
    unknowns = Unknowns.of(pressing.press().calibration());
    under = pressing.workplace().under();
    room = pressing.workplace().workroom().air().degrees();
    double apart = under.apart(HOTTEST, room);
    lattice = Lattice.of(pressing, SamplingPlan.OFF * unknowns.platen() + apart);
    marches.add(new double[Unknowns.COUNT]);
    for (int g = 0; g < marchOf.length; g++) {
      marchOf[g] = march(guesses.get(g));
    }
    int temperatures = lattice.celsius().length;
    values = new double[marches.size() + 1][temperatures][][];
    likeliest = new Openings[temperatures];
    afterwards =
        new PostOpeningDose(lattice, pressing, marches.stream().map(unknowns::draw).toList());
    int tasks = values.length * temperatures;
    IntStream.range(0, tasks + afterwards.runs())
        .parallel()
        .forEach(
            task -> {
              if (task < tasks) {
                compute(pressing, task / temperatures, task % temperatures);
              } else {
                afterwards.compute(pressing, task - tasks);
              }
            });
  }

  /** The march with everything moved but the platen. */
  private int march(double[] guess) {
    double[] deviations = guess.clone();
    deviations[Unknowns.PLATEN] = 0;
    for (int m = 0; m < marches.size(); m++) {
      if (Arrays.equals(marches.get(m), deviations)) {
        return m;
      }
    }
    marches.add(deviations);
    return marches.size() - 1;
  }

  private void compute(Pressing pressing, int march, int temperature) {
    Pressing closed =
        pressing.at(Celsius.of(lattice.celsius()[temperature]), Seconds.of(lattice.longest()));
    List<WorkPhase> phases = closed.untilPressed();
    boolean told = march == marches.size();
    ParameterSample draw = told ? ParameterSample.NOMINAL : unknowns.draw(marches.get(march));
    Detail detail = told ? Detail.FINE : Detail.ROUGH;
    List<PhaseResult> acts = PressSimulation.of(closed, phases, draw, detail);
    Openings openings = new Openings(closed, acts);
    double[] seconds = lattice.seconds();
    double[][] read = new double[Quantity.values().length][seconds.length];
    for (int t = 0; t < seconds.length; t++) {
      double[] all = Quantity.all(openings.at(seconds[t]));
      for (int q = 0; q < all.length; q++) {
        read[q][t] = all[q];
      }
    }
    values[march][temperature] = read;
    if (told) {
      likeliest[temperature] = openings;
    }
  }

  Lattice lattice() {
    return lattice;
  }

  /** The press that was left closed at one of the temperatures. */
  Openings likeliest(int temperature) {
    return likeliest[temperature];
  }

  Reading reading(double platen, double second) {
    double[] all = new double[Quantity.values().length];
    for (Quantity quantity : Quantity.values()) {
      double there = there(quantity, platen);
      all[quantity.ordinal()] = over(marches.size(), quantity, there, there, second);
    }
    return Quantity.reading(all);
  }

  Spread spread(double platen, double second) {
    return new Spread(
        band(Quantity.BOND, platen, second),
        band(Quantity.SCORCH, platen, second),
        band(Quantity.TINT, platen, second),
        band(Quantity.GLUE_LINE, platen, second),
        band(Quantity.CLOTH, platen, second));
  }

  private Band band(Quantity quantity, double platen, double second) {
    double[] moved = new double[marchOf.length];
    double there = there(quantity, platen);
    for (int g = 0; g < moved.length; g++) {
      double off = unknowns.platen() * guesses.get(g)[Unknowns.PLATEN];
      moved[g] = over(marchOf[g], quantity, there + off, there, second);
    }
    return SamplingPlan.band(over(0, quantity, there, there, second), moved);
  }

  /** The setting at which the coolest place is as hot as the one where the quantity is read. */
  private double there(Quantity quantity, double platen) {
    return quantity.harms() ? platen + under.apart(platen, room) : platen;
  }

  /**
   * A guess's value when all is over.
   *
   * @param platen of the guess
   * @param asked the platen that is asked about
   */
  private double over(int march, Quantity quantity, double platen, double asked, double second) {
    int likely = march == marches.size() ? march : 0;
    return afterwards.over(
        march == likely ? 0 : march,
        quantity,
        opened(march, quantity, platen, second),
        opened(likely, quantity, asked, second),
        platen,
        asked,
        second);
  }

  private double opened(int march, Quantity quantity, double platen, double second) {
    Lattice.Place along = Lattice.Place.on(lattice.celsius(), platen);
    Lattice.Place up = Lattice.Place.on(lattice.seconds(), second);
    int q = quantity.ordinal();
    double below = up.of(values[march][along.below()][q]);
    double above = up.of(values[march][along.below() + 1][q]);
    return below + along.share() * (above - below);
  }
}
