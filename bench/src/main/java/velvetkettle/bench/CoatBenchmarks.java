package velvetkettle.bench;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.index.quadtree.Quadtree;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.cut.svg.PaintedShape;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;

/**
 * Takes 200, 400 and 800 shapes apart that lie on one another, all at once and, as it was done
 * before, each out of those below it; and prints how the time grows with the shapes.
 */
public final class CoatBenchmarks {
  private static final int RUNS = 5;
  private static final int[] SHAPES = {200, 400, 800};

  private CoatBenchmarks() {}

  public static void main(String[] arguments) {
    System.out.println(
        "| shapes | corners | at once, ms | one by one, ms | one by one : at once |\n"
            + "|---|---|---|---|---|");
    double[] atOnce = new double[SHAPES.length];
    double[] oneByOne = new double[SHAPES.length];
    for (int i = 0; i < SHAPES.length; i++) {
      SvgDrawing drawing = drawing(SHAPES[i]);
      atOnce[i] = best(() -> Art.of(drawing, Overlap.SIDE_BY_SIDE, colour -> colour));
      oneByOne[i] = best(() -> oneByOne(drawing.shapes()));
      System.out.printf(
          "| %d | %d | %.0f | %.0f | %.1f |%n",
          SHAPES[i],
          drawing.shapes().stream().mapToInt(shape -> shape.area().getNumPoints()).sum(),
          atOnce[i],
          oneByOne[i],
          oneByOne[i] / atOnce[i]);
    }
    System.out.printf(
        "%nIt grows with the shapes to the power of %.2f; one by one of %.2f.%n",
        growth(atOnce), growth(oneByOne));
  }

  private static double growth(double[] times) {
    int last = times.length - 1;
    return Math.log(times[last] / times[0]) / Math.log((double) SHAPES[last] / SHAPES[0]);
  }

  /** Rings, each over its neighbours: as many crossings for each, however many there are. */
  private static SvgDrawing drawing(int shapes) {
    Random random = new Random(5);
    double side = 30 * Math.sqrt(shapes);
    StringBuilder svg =
        new StringBuilder(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%f' height='%f'>"
                .formatted(side, side));
    for (int i = 0; i < shapes; i++) {
      svg.append(
          "<circle fill='#%06x' cx='%.3f' cy='%.3f' r='%.3f'/>"
              .formatted(
                  0x203040 + 0x1111 * (i % 12),
                  side * random.nextDouble(),
                  side * random.nextDouble(),
                  30 + 20 * random.nextDouble()));
    }
    return SvgReader.read(svg.append("</svg>").toString().getBytes(StandardCharsets.UTF_8));
  }

  /** What was done before. */
  private static List<MultiPolygon> oneByOne(List<PaintedShape> shapes) {
    WorkBudget budget = new WorkBudget(Long.MAX_VALUE - 1, 1, Progress.NONE);
    List<MultiPolygon> seen = new ArrayList<>();
    Quadtree above = new Quadtree();
    for (int i = shapes.size() - 1; i >= 0; i--) {
      MultiPolygon visible = shapes.get(i).area();
      for (Object cover : above.query(visible.getEnvelopeInternal())) {
        visible = Grid.difference(visible, (MultiPolygon) cover, budget);
      }
      seen.add(visible);
      above.insert(shapes.get(i).area().getEnvelopeInternal(), shapes.get(i).area());
    }
    return seen;
  }

  private static double best(Supplier<?> work) {
    double[] times = new double[RUNS];
    for (int run = 0; run < RUNS; run++) {
      long began = System.nanoTime();
      if (work.get() == null) {
        throw new IllegalStateException("nothing came of it");
      }
      times[run] = (System.nanoTime() - began) / 1e6;
    }
    return Arrays.stream(times).min().orElseThrow();
  }
}
