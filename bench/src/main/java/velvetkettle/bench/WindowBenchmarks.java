package velvetkettle.bench;

import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Openings;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * A whole window, 21 temperatures and all times to 60 s with pre-press, cooling and bands, beside a
 * plain crowd of 64 random presses at each temperature, each marched once to 60 s and read at the
 * same times; and all what-ifs of a setting.
 */
public final class WindowBenchmarks {
  private static final int WARM_UP = 5;
  private static final int RUNS = 15;
  private static final int DRAWS = 64;

  private WindowBenchmarks() {}

  public static void main(String[] arguments) {
    System.out.println(
        "| pressing | window, ms | plain crowd of 64, ms | ratio | what-ifs, ms |\n|---|---|---|---|---|");
    print("film on a cotton tee", Fibre.COTTON, Fabric.JERSEY, DyeKind.REACTIVE, "film-smooth");
    print(
        "blocker on a rowing top",
        Fibre.POLYESTER,
        Fabric.INTERLOCK,
        DyeKind.DISPERSE,
        "film-block");
    print(
        "nylon film on a shell",
        Fibre.POLYAMIDE_66,
        Fabric.NYLON_SHELL,
        DyeKind.ACID,
        "film-nylon");
  }

  private static void print(String name, Fibre fibre, Fabric fabric, DyeKind dye, String medium) {
    JobRequest job = Tops.job(Tops.of(fibre, fabric, dye), PressKind.PLATE_DRAW, medium);
    AtomicReference<Pressing> asked = new AtomicReference<>();
    Trials trials =
        new Trials(
            new HeatMargins(),
            pressing -> {
              asked.set(pressing);
              return WindowMap.of(pressing);
            },
            MediaCatalogue.TRADE);
    trials.window(job, "a", medium);
    Pressing pressing = asked.get();
    WindowMap map = WindowMap.of(pressing);
    double window = median(() -> WindowMap.of(pressing));
    double crowd = median(() -> crowd(pressing, map));
    WindowMap known = map;
    Trials remembering = new Trials(new HeatMargins(), any -> known, MediaCatalogue.TRADE);
    double whatIfs = median(() -> remembering.whatIfs(job, "a", medium));
    System.out.printf(
        "| %s | %.0f | %.0f | %.1f | %.0f |%n", name, window, crowd, crowd / window, whatIfs);
  }

  private static double median(Runnable work) {
    double[] millis = new double[RUNS];
    for (int n = -WARM_UP; n < RUNS; n++) {
      long began = System.nanoTime();
      work.run();
      if (n >= 0) {
        millis[n] = (System.nanoTime() - began) / 1e6;
      }
    }
    Arrays.sort(millis);
    return millis[RUNS / 2];
  }

  private static void crowd(Pressing pressing, WindowMap map) {
    Unknowns unknowns = Unknowns.of(pressing.press().calibration());
    double sum =
        IntStream.range(0, map.celsius().size() * DRAWS)
            .parallel()
            .mapToDouble(
                n -> {
                  Random random = new Random(n);
                  double[] deviations =
                      random.ints(Unknowns.COUNT).mapToDouble(i -> random.nextGaussian()).toArray();
                  Pressing closed =
                      pressing.at(Celsius.of(map.celsius().get(n / DRAWS)), Seconds.of(60));
                  Openings openings =
                      new Openings(
                          closed,
                          PressSimulation.of(
                              closed,
                              closed.untilPressed(),
                              unknowns.draw(deviations),
                              Detail.FINE));
                  return map.seconds().stream()
                      .filter(second -> second <= 60)
                      .mapToDouble(second -> openings.at(second).bond())
                      .sum();
                })
            .sum();
    if (Double.isNaN(sum)) {
      throw new IllegalStateException("no press of the crowd was computed");
    }
  }
}
