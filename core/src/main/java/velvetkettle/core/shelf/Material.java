package velvetkettle.core.shelf;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * One material on the shop's shelf.
 *
 * @param name the trade name on the roll, 1 to 60 characters
 * @param medium key of the medium it belongs to
 * @param rollWidthMillimetres 0 for sheets
 * @param leftMillimetres length left on the roll; for sheets, how many
 * @param price of a metre of it, or of a sheet, in the shop's money; null where none is kept
 */
public record Material(
    String name,
    String medium,
    String colour,
    Depth depth,
    InstructionSheet sheet,
    int rollWidthMillimetres,
    int leftMillimetres,
    List<Remnant> remnants,
    @Nullable Double price) {
  private static final int DEAREST = 100_000;

  public Material {
    if (name.isBlank() || name.length() > 60) {
      throw new ImpossibleValueException("a material's name has 1 to 60 characters");
    }
    if (price != null && !(price >= 0 && price <= DEAREST)) {
      throw new ImpossibleValueException("a price is 0 to " + DEAREST);
    }
    remnants = List.copyOf(remnants);
  }

  /** Whether anything of it is left to work with. */
  public boolean isAtHand() {
    return leftMillimetres > 0 || !remnants.isEmpty();
  }

  /** The same with that much left of it. */
  public Material with(int left, List<Remnant> pieces) {
    return new Material(
        name, medium, colour, depth, sheet, rollWidthMillimetres, left, pieces, price);
  }

  /** What it is, whatever is left of it and whatever it costs. */
  public Material alone() {
    return new Material(
        name, medium, colour, depth, sheet, rollWidthMillimetres, 0, List.of(), null);
  }
}
