package velvetkettle.bench;

import java.util.Arrays;
import java.util.List;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.RememberedHeat;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.press.PressKind;

/**
 * Weighs one garment against all media on five presses and prints the median of all five together:
 * with heat remembered, and with heat computed each time.
 */
public final class AllMediaAndPresses {
  private static final int WARM_UP = 30;
  private static final int RUNS = 100;

  private static final List<PressKind> FIVE =
      List.of(
          PressKind.PLATE_DRAW,
          PressKind.PLATE_CLAM,
          PressKind.HAND_LARGE,
          PressKind.HAND_MINI,
          PressKind.IRON_DRY);

  private AllMediaAndPresses() {}

  public static void main(String[] arguments) {
    System.out.println(
        "| garment | remembered: median, ms | computed: median, ms |\n|---|---|---|");
    print("cotton tee", Fibre.COTTON, Fabric.JERSEY, DyeKind.REACTIVE);
    print("rowing top", Fibre.POLYESTER, Fabric.INTERLOCK, DyeKind.DISPERSE);
    print("shell jacket", Fibre.POLYAMIDE_66, Fabric.NYLON_SHELL, DyeKind.ACID);
  }

  private static void print(String name, Fibre fibre, Fabric fabric, DyeKind dye) {
    Garment garment = Tops.of(fibre, fabric, dye);
    double remembered = median(new Planner(new RememberedHeat(new HeatMargins())), garment);
    double computed = median(new Planner(new HeatMargins()), garment);
    System.out.printf("| %s | %.1f | %.1f |%n", name, remembered, computed);
  }

  private static double median(Planner planner, Garment garment) {
    List<JobRequest> jobs = FIVE.stream().map(kind -> Tops.job(garment, kind, null)).toList();
    double[] millis = new double[RUNS];
    for (int n = -WARM_UP; n < RUNS; n++) {
      long began = System.nanoTime();
      jobs.forEach(planner::plan);
      if (n >= 0) {
        millis[n] = (System.nanoTime() - began) / 1e6;
      }
    }
    Arrays.sort(millis);
    return millis[RUNS / 2];
  }
}
