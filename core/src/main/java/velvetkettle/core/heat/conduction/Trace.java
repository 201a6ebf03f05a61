package velvetkettle.core.heat.conduction;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;

/**
 * What happened during a phase: the temperature of both faces of every part and of the glue line,
 * at the moments at which the solver stood.
 */
public final class Trace {
  private final int parts;
  private double[] seconds = new double[64];
  private double[][] faces = new double[64][];
  private double[] bond = new double[64];
  private int size;

  Trace(int parts) {
    this.parts = parts;
  }

  void add(double second, double[] faceCelsius, double bondDose) {
    if (size == seconds.length) {
      seconds = Arrays.copyOf(seconds, 2 * size);
      faces = Arrays.copyOf(faces, 2 * size);
      bond = Arrays.copyOf(bond, 2 * size);
    }
    seconds[size] = second;
    faces[size] = faceCelsius.clone();
    bond[size] = bondDose;
    size++;
  }

  public int size() {
    return size;
  }

  /** Of the n-th moment, s from the phase's beginning. */
  public double second(int moment) {
    return seconds[moment];
  }

  /** Upper face of a part at a moment, °C. */
  public double upperFace(int moment, int part) {
    return faces[moment][2 * check(part)];
  }

  /** Lower face of a part at a moment, °C. */
  public double lowerFace(int moment, int part) {
    return faces[moment][2 * check(part) + 1];
  }

  /** Mean of the two faces below a part at a moment, °C. */
  public double interfaceBelow(int moment, int part) {
    return (lowerFace(moment, part) + upperFace(moment, part + 1)) / 2;
  }

  /** Mean of the two faces below a part at a time, read linearly between moments, °C. */
  public double interfaceAt(double second, int part) {
    int after = momentAfter(second);
    double share = share(second, after);
    return interfaceBelow(after - 1, part)
        + share * (interfaceBelow(after, part) - interfaceBelow(after - 1, part));
  }

  /** The first time at which the bond dose reaches a value; NaN where it does not. */
  public double bondReaches(double dose) {
    for (int i = 1; i < size; i++) {
      if (bond[i] >= dose) {
        double share = (dose - bond[i - 1]) / (bond[i] - bond[i - 1]);
        return seconds[i - 1] + share * (seconds[i] - seconds[i - 1]);
      }
    }
    return Double.NaN;
  }

  /**
   * The first time at which the interface below a part is cooler than that; NaN where it is not.
   */
  public double coolerThan(double celsius, int part) {
    for (int i = 1; i < size; i++) {
      double now = interfaceBelow(i, part);
      if (now < celsius) {
        double before = interfaceBelow(i - 1, part);
        double share = before <= celsius ? 0 : (before - celsius) / (before - now);
        return seconds[i - 1] + share * (seconds[i] - seconds[i - 1]);
      }
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

  private double integral(IntToDoubleFunction rate) {
    double sum = 0;
    for (int i = 1; i < size; i++) {
      double mean = (rate.applyAsDouble(i - 1) + rate.applyAsDouble(i)) / 2;
      sum += (seconds[i] - seconds[i - 1]) * mean;
    }
    return sum;
  }

  private int momentAfter(double second) {
    int i = Arrays.binarySearch(seconds, 0, size, second);
    return Math.max(1, Math.min(size - 1, i < 0 ? -i - 1 : i));
  }

  private double share(double second, int after) {
    double span = seconds[after] - seconds[after - 1];
    return span == 0 ? 1 : (second - seconds[after - 1]) / span;
  }

  private int check(int part) {
    if (part < 0 || part >= parts) {
      throw new IllegalArgumentException("there is no part " + part + " of " + parts);
    }
    return part;
  }
}
