package velvetkettle.core.quantity;

/**
 * The mass of a cloth per area.
 *
 * @param count from 5 to 3000 g/m2; outside it {@link ImpossibleValueException}
 */
public record GramsPerSquareMetre(double count) {
  public GramsPerSquareMetre {
    Bounds.check("weight", count, 5, 3000, "g/m²");
  }

  public static GramsPerSquareMetre of(double count) {
    return new GramsPerSquareMetre(count);
  }
}
