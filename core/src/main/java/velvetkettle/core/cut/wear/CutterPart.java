package velvetkettle.core.cut.wear;

import java.util.Set;
import velvetkettle.core.art.Surface;
import velvetkettle.core.media.Medium;
import velvetkettle.core.quantity.Sentence;

/**
 * A part of the cutter that wears, and what it bears [all engineering estimates: a blade is judged
 * by its test square, a mat by whether it holds].
 */
public enum CutterPart {
  /** Its wear is counted in mm of plain film. */
  BLADE(30_000, 250_000, 1000, "wear.blade"),
  /** Its wear is counted in times that something was stuck on it. */
  MAT(10, 40, 1, "wear.mat");

  private static final Set<Surface> ROUGH = Set.of(Surface.GLITTER, Surface.REFLECTIVE);

  /** Glass and metal in a film take as much of an edge as that many times its length would. */
  private static final double ROUGHNESS = 3;

  private final double fresh;
  private final double worn;
  private final double unit;
  private final String key;

  CutterPart(double fresh, double worn, double unit, String key) {
    this.fresh = fresh;
    this.worn = worn;
    this.unit = unit;
    this.key = key;
  }

  /** Whether it still is as good as a new one. */
  public boolean isFresh(double wear) {
    return wear <= fresh;
  }

  public boolean isWorn(double wear) {
    return wear > worn;
  }

  /** How it is told, in m or times. */
  public Sentence told(double wear) {
    int count = (int) Math.round(wear / unit);
    return isWorn(wear)
        ? Sentence.of(key + "-worn", count, (int) (worn / unit))
        : Sentence.of(key, count);
  }

  /**
   * What cutting a medium takes of a blade.
   *
   * @param length of all edges, mm, once for each time that the blade goes over them
   * @return mm of plain film
   */
  public static double ofBlade(Medium medium, double length) {
    return medium.appearance().gives().stream().anyMatch(ROUGH::contains)
        ? ROUGHNESS * length
        : length;
  }
}
