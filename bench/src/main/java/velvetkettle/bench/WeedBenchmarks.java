package velvetkettle.bench;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.cut.weed.DistressedDesign;
import velvetkettle.core.cut.weed.WeedLimits;
import velvetkettle.core.cut.weed.WeedReading;
import velvetkettle.core.cut.weed.Weeding;
import velvetkettle.core.media.MediaCatalogue;

/**
 * Reads and weighs worn-looking designs of 500 to 8,000 islands and prints how long each takes, and
 * how the time grows: the exponent of the islands that it grows with.
 */
public final class WeedBenchmarks {
  private static final int WARM_UP = 8;
  private static final int RUNS = 15;
  private static final int[] ISLANDS = {500, 1000, 2000, 4000, 8000};
  private static final WeedLimits LIMITS =
      WeedLimits.of(MediaCatalogue.TRADE.get("film-smooth"), false);

  private WeedBenchmarks() {}

  public static void main(String[] arguments) {
    System.out.println(
        "| islands | corners | faults | read the file, ms | find what fails, ms |"
            + " both, of 500 islands |\n|---|---|---|---|---|---|");
    Weeding.read(DistressedDesign.of(8000, 20), LIMITS, Progress.NONE);
    double first = 0;
    double last = 0;
    for (int islands : ISLANDS) {
      MultiPolygon design = DistressedDesign.of(islands, 20);
      byte[] file = svg(design);
      double reading = median(() -> SvgReader.read(file));
      MultiPolygon area =
          Art.of(SvgReader.read(file), Overlap.SIDE_BY_SIDE, colour -> colour).area("#000000");
      WeedReading read = Weeding.read(area, LIMITS, Progress.NONE);
      double weeding = median(() -> Weeding.read(area, LIMITS, Progress.NONE));
      last = reading + weeding;
      first = first == 0 ? last : first;
      System.out.printf(
          "| %d | %d | %d | %.0f | %.0f | %.2f x |%n",
          islands,
          design.getNumPoints() - islands,
          read.faults().size(),
          reading,
          weeding,
          last / first);
    }
    double growth =
        Math.log(last / first) / Math.log((double) ISLANDS[ISLANDS.length - 1] / ISLANDS[0]);
    System.out.printf("%nIt grows with the islands to the power of %.2f.%n", growth);
  }

  private static double median(Supplier<?> work) {
    double[] times = new double[RUNS];
    for (int run = -WARM_UP; run < RUNS; run++) {
      long began = System.nanoTime();
      if (work.get() == null) {
        throw new IllegalStateException("nothing came of it");
      }
      if (run >= 0) {
        times[run] = (System.nanoTime() - began) / 1e6;
      }
    }
    Arrays.sort(times);
    return times[RUNS / 2];
  }

  private static byte[] svg(MultiPolygon design) {
    MultiPolygon inside = Grid.moved(design, AffineTransformation.translationInstance(10, 10));
    StringBuilder d = new StringBuilder();
    for (int i = 0; i < inside.getNumGeometries(); i++) {
      char command = 'M';
      for (Coordinate point : inside.getGeometryN(i).getCoordinates()) {
        d.append(command).append(point.x).append(' ').append(point.y);
        command = 'L';
      }
      d.append('Z');
    }
    return ("<svg xmlns='http://www.w3.org/2000/svg' width='500mm' height='500mm'"
            + " viewBox='0 0 500 500'><path d='%s'/></svg>")
        .formatted(d)
        .getBytes(StandardCharsets.UTF_8);
  }
}
