package velvetkettle.core.heat.conduction;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;

/**
 * What happened during a phase: the temperature of both faces of every part, its water and the bond
 * dose, at the moments at which the solver stood. Kept in flat arrays that double when full, so
 * that writing a moment down allocates nothing.
 */
public final class Trace {
  private static final int MOMENTS = 80;

  private final int parts;
  private double[] seconds = new double[MOMENTS];
  private double[] bond = new double[MOMENTS];
  private double[] platen = new double[MOMENTS];
  private double[] faces;
  private double[] water;
  private int size;

  Trace(int parts) {
    this.parts = parts;
    faces = new double[MOMENTS * 2 * parts];
    water = new double[MOMENTS * 2 * parts];
  }

  /**
   * @param row bond and platen at these places, then from the first on the faces and the waters
   */
  void add(double second, double[] row, int first, int bondAt, int platenAt) {
    if (size == seconds.length) {
      seconds = Arrays.copyOf(seconds, 2 * size);
      bond = Arrays.copyOf(bond, 2 * size);
      platen = Arrays.copyOf(platen, 2 * size);
      faces = Arrays.copyOf(faces, 2 * faces.length);
      water = Arrays.copyOf(water, 2 * water.length);
    }
    seconds[size] = second;
    bond[size] = row[bondAt];
    platen[size] = row[platenAt];
    System.arraycopy(row, first, faces, size * 2 * parts, 2 * parts);
    System.arraycopy(row, first + 2 * parts, water, size * 2 * parts, 2 * parts);
    size++;
  }

  public int size() {
    return size;
  }

  public int parts() {
    return parts;
  }

  /** The moment at or after a time. */
  public int momentAt(double second) {
    int found = Arrays.binarySearch(seconds, 0, size, second);
    return Math.min(size - 1, found < 0 ? -found - 1 : found);
  }

  /** Of the n-th moment, s from the phase's beginning. */
  public double second(int moment) {
    return seconds[moment];
  }

  /** The platen above at a moment, °C; NaN where none stands there. */
  public double platen(int moment) {
    return platen[moment];
  }

  /** Upper face of a part at a moment, °C. */
  public double upperFace(int moment, int part) {
    return faces[moment * 2 * parts + 2 * check(part)];
  }

  /** Lower face of a part at a moment, °C. */
  public double lowerFace(int moment, int part) {
    return faces[moment * 2 * parts + 2 * check(part) + 1];
  }

  /** Mean of the two faces below a part at a moment, °C. */
  public double interfaceBelow(int moment, int part) {
    return (lowerFace(moment, part) + upperFace(moment, part + 1)) / 2;
  }

  /** Water in a part at a moment, kg/m2. */
  public double water(int moment, int part) {
    return waterAbove(moment, part) + waterBelow(moment, part);
  }

  /** Water in the upper half of a part at a moment, kg/m2. */
  public double waterAbove(int moment, int part) {
    return water[moment * 2 * parts + 2 * check(part)];
  }

  /** Water in the lower half of a part at a moment, kg/m2. */
  public double waterBelow(int moment, int part) {
    return water[moment * 2 * parts + 2 * check(part) + 1];
  }

  /** Dose of the glue line at a moment, s; 0 where nothing is bonded. */
  public double bond(int moment) {
    return bond[moment];
  }

  /** Mean of the two faces below a part at a time, read linearly between moments, °C. */
  public double interfaceAt(double second, int part) {
    return readAt(second, moment -> interfaceBelow(moment, part));
  }

  /** Anything that is known at each moment, read linearly between two of them. */
  public double readAt(double second, IntToDoubleFunction known) {
    int found = Arrays.binarySearch(seconds, 0, size, second);
    int after = Math.max(1, Math.min(size - 1, found < 0 ? -found - 1 : found));
    double span = seconds[after] - seconds[after - 1];
    double share = span == 0 ? 1 : (second - seconds[after - 1]) / span;
    double before = known.applyAsDouble(after - 1);
    return before + share * (known.applyAsDouble(after) - before);
  }

  /** The first time at which the bond dose reaches a value; NaN where it does not. */
  public double bondReaches(double dose) {
    return first(moment -> bond[moment] - dose);
  }

  /**
   * The first time at which the interface below a part is cooler than that; NaN where it is not.
   */
  public double coolerThan(double celsius, int part) {
    return first(moment -> celsius - interfaceBelow(moment, part));
  }

  /** The first time at which the interface below a part is that hot; NaN where it is not. */
  public double hotterThan(double celsius, int part) {
    return first(moment -> interfaceBelow(moment, part) - celsius);
  }

  /** The first time at which a value rises to zero, read linearly; NaN where it does not. */
  public double first(IntToDoubleFunction value) {
    double before = value.applyAsDouble(0);
    if (before >= 0) {
      return seconds[0];
    }
    for (int i = 1; i < size; i++) {
      double now = value.applyAsDouble(i);
      if (now >= 0) {
        return seconds[i - 1] + before / (before - now) * (seconds[i] - seconds[i - 1]);
      }
      before = now;
    }
    return Double.NaN;
  }

  /** A rate that depends on the upper face of a part, integrated over the phase. */
  public double doseAtUpperFace(int part, DoubleUnaryOperator rate) {
    return integral(moment -> rate.applyAsDouble(upperFace(moment, part)));
  }

  /** A rate that depends on the mean of the faces below a part, integrated over the phase. */
  public double doseAtInterface(int part, DoubleUnaryOperator rate) {
    return integral(moment -> rate.applyAsDouble(interfaceBelow(moment, part)));
  }

  /** A rate that is known at each moment, integrated over the phase by trapezia. */
  public double integral(IntToDoubleFunction rate) {
    return size == 0 ? 0 : integrals(rate)[size - 1];
  }

  /** The same up to each moment. */
  public double[] integrals(IntToDoubleFunction rate) {
    double[] sums = new double[size];
    double before = size == 0 ? 0 : rate.applyAsDouble(0);
    for (int i = 1; i < size; i++) {
      double now = rate.applyAsDouble(i);
      sums[i] = sums[i - 1] + (seconds[i] - seconds[i - 1]) * (before + now) / 2;
      before = now;
    }
    return sums;
  }

  /** The highest value up to each moment. */
  public double[] highest(IntToDoubleFunction value) {
    double[] highest = new double[size];
    double so = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < size; i++) {
      so = Math.max(so, value.applyAsDouble(i));
      highest[i] = so;
    }
    return highest;
  }

  private int check(int part) {
    if (part < 0 || part >= parts) {
      throw new IllegalArgumentException("there is no part " + part + " of " + parts);
    }
    return part;
  }
}
