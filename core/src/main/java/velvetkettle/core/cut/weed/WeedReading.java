package velvetkettle.core.cut.weed;

import java.util.List;

/**
 * How one colour weeds.
 *
 * @param faults the worst first
 * @param pieces that stay on the carrier
 * @param holes whose waste has to be lifted out one by one
 * @param cutLength of all edges, mm
 * @param area of what stays, mm²
 * @param thinnest stroke that was found below the limit, mm; 0 where none was
 * @param cleanFactor how many times as large it would have to be for nothing but tips to fail; 1
 *     where it is large enough
 * @param seconds to weed one of it
 */
public record WeedReading(
    List<Fault> faults,
    int pieces,
    int holes,
    double cutLength,
    double area,
    double thinnest,
    double cleanFactor,
    double seconds) {
  public WeedReading {
    faults = List.copyOf(faults);
  }

  /** Pieces of waste to lift: what is round it all in one, and each hole. */
  public int toLift() {
    return holes + 1;
  }

  public boolean clean() {
    return faults.isEmpty();
  }
}
