package velvetkettle.core.quantity;

/**
 * A contact pressure in kilopascal: closing force over loaded area, never the number on a knob.
 *
 * @param count from 0 to 500; outside it {@link ImpossibleValueException}
 */
public record KiloPascal(double count) implements Comparable<KiloPascal> {
  public KiloPascal {
    Bounds.check("pressure", count, 0, 500, "kPa");
  }

  public static KiloPascal of(double count) {
    return new KiloPascal(count);
  }

  /** To whole ones. */
  public KiloPascal rounded() {
    return of(Math.round(count));
  }

  @Override
  public int compareTo(KiloPascal other) {
    return Double.compare(count, other.count);
  }
}
