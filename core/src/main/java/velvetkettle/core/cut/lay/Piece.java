package velvetkettle.core.cut.lay;

/**
 * What is cut as one: a colour of a design with the carrier round it.
 *
 * @param id tells pieces apart, 1 to 80 characters
 * @param material that it is cut from
 * @param width mm, with the carrier that stays round the design
 * @param height likewise
 * @param turnable whether it may lie a quarter turned; not on material with a nap or a direction
 */
public record Piece(String id, String material, double width, double height, boolean turnable) {
  public Piece {
    if (!(width > 0 && height > 0)) {
      throw new IllegalArgumentException("a piece has a width and a height");
    }
  }

  double area() {
    return width * height;
  }
}
