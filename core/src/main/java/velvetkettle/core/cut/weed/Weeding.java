package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.shape.Grid;

/** Reads how a colour weeds. */
public final class Weeding {
  /** Seconds to lift the waste round it, each hole, and for each metre of edge that is followed. */
  private static final double SURROUND = 15;

  private static final double PER_HOLE = 1.5;
  private static final double PER_METRE = 6;
  private static final double PER_FAULT = 2;

  private final List<Polygon> pieces;
  private final WeedLimits limits;
  private final Progress progress;

  private Weeding(MultiPolygon area, WeedLimits limits, Progress progress) {
    this.pieces = Grid.polygons(area);
    this.limits = limits;
    this.progress = progress;
  }

  /**
   * @throws Progress.StoppedException where it was stopped
   */
  public static WeedReading read(MultiPolygon area, WeedLimits limits, Progress progress) {
    return new Weeding(area, limits, progress).read();
  }

  private WeedReading read() {
    AtomicInteger done = new AtomicInteger();
    List<PieceReading> readings =
        IntStream.range(0, pieces.size())
            .parallel()
            .mapToObj(
                i -> {
                  progress.check(done.getAndIncrement(), pieces.size());
                  return PieceReading.of(pieces.get(i), i, limits);
                })
            .toList();
    List<Fault> faults = new ArrayList<>();
    readings.forEach(reading -> faults.addAll(reading.faults()));
    List<Fault> between = Gaps.between(pieces, limits);
    faults.addAll(between);
    faults.sort(Comparator.comparingDouble(Fault::severity).reversed());
    return reading(faults, CleanSize.factor(readings, between, limits));
  }

  private WeedReading reading(List<Fault> faults, double cleanFactor) {
    int holes = pieces.stream().mapToInt(Polygon::getNumInteriorRing).sum();
    double length = pieces.stream().mapToDouble(Polygon::getLength).sum();
    double thinnest =
        faults.stream()
            .filter(fault -> fault.kind() == FaultKind.THIN_STROKE)
            .mapToDouble(Fault::measured)
            .min()
            .orElse(0);
    return new WeedReading(
        faults,
        pieces.size(),
        holes,
        length,
        pieces.stream().mapToDouble(Polygon::getArea).sum(),
        thinnest,
        cleanFactor,
        seconds(holes, length, faults.size()));
  }

  /**
   * How long it takes to weed, s [engineering estimate].
   *
   * @param length of all edges, mm
   */
  public static double seconds(int holes, double length, int faults) {
    return SURROUND + PER_HOLE * holes + PER_METRE * length / 1000 + PER_FAULT * faults;
  }
}
