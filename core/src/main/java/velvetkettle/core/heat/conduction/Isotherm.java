package velvetkettle.core.heat.conduction;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * {@link Moisture#equilibrium} for unit regain at one vapour pressure, tabulated every half kelvin
 * and read linearly; its slope comes for nothing. Read in every cell at every step. Tables are
 * kept, because a shop has one room and so two vapour pressures: the press closed and open.
 */
final class Isotherm {
  private static final double LOWEST = -10;
  private static final double HIGHEST = 310;
  private static final double SPACING = 0.5;

  /** More rooms than this at once are forgotten; a table is five kilobytes. */
  private static final int KEPT = 64;

  private static final Map<Double, Isotherm> TABLES = new ConcurrentHashMap<>();

  private final double[] table;

  static Isotherm of(double vapourPascal) {
    if (TABLES.size() > KEPT) {
      TABLES.clear();
    }
    return TABLES.computeIfAbsent(vapourPascal, Isotherm::new);
  }

  private Isotherm(double vapourPascal) {
    int size = (int) Math.round((HIGHEST - LOWEST) / SPACING) + 1;
    table = new double[size];
    for (int i = 0; i < size; i++) {
      table[i] = Moisture.equilibrium(1, LOWEST + i * SPACING, vapourPascal);
    }
  }

  double at(double celsius) {
    double position = position(celsius);
    int i = (int) position;
    return table[i] + (position - i) * (table[i + 1] - table[i]);
  }

  /** Per kelvin; never positive, because hotter cloth keeps less. */
  double slope(double celsius) {
    int i = (int) position(celsius);
    return Math.min(0, (table[i + 1] - table[i]) / SPACING);
  }

  private double position(double celsius) {
    double inside = Math.max(LOWEST, Math.min(HIGHEST - SPACING, celsius));
    return (inside - LOWEST) / SPACING;
  }
}
