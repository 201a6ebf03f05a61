package velvetkettle.core.cut.lay;

/**
 * Material to cut from.
 *
 * @param id tells it apart from the rest, 1 to 80 characters
 * @param width across the roll, mm
 * @param length along it, mm; what is left of a roll
 */
public record Stock(String id, String material, Kind kind, double width, double length) {
  public enum Kind {
    REMNANT,
    SHEET,
    /** Cut off as long as is needed. */
    ROLL
  }

  double area() {
    return width * length;
  }
}
