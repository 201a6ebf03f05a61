package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where a material is tried before all of it is cut.
 *
 * @param stock the piece of material that it is cut in
 * @param at its place on the mat
 */
public record TestSquare(Mat.LaidStock stock, Rectangle at) {
  /** Of its side, mm [common practice, no source]. */
  public static final double SIDE = 10;

  /** One for each material on a mat that has room for one. */
  static List<TestSquare> all(Mat mat, LayRules rules) {
    Set<String> materials = new LinkedHashSet<>();
    mat.stocks().forEach(stock -> materials.add(stock.material()));
    List<TestSquare> all = new ArrayList<>();
    materials.forEach(material -> of(material, mat, rules).ifPresent(all::add));
    return all;
  }

  /** In the first piece of the material that has room. */
  public static Optional<TestSquare> of(String material, Mat mat, LayRules rules) {
    return mat.stocks().stream()
        .filter(stock -> stock.material().equals(material))
        .flatMap(stock -> on(stock, mat, rules).stream())
        .findFirst();
  }

  /**
   * A place on a piece of material that no piece lies in, with the room between them that all have;
   * of several the one in the least space, so that what is worth keeping stays whole.
   */
  private static Optional<TestSquare> on(Mat.LaidStock stock, Mat mat, LayRules rules) {
    Rectangle sheet = stock.at().grown(-rules.margin());
    if (sheet.width() < SIDE || sheet.height() < SIDE) {
      return Optional.empty();
    }
    FreeSpace free = new FreeSpace(sheet);
    mat.pieces().forEach(piece -> free.take(piece.at().grown(rules.spacing())));
    return free.worthKeeping(SIDE).stream()
        .min(Comparator.comparingDouble(Rectangle::area))
        .map(space -> new TestSquare(stock, new Rectangle(space.x(), space.y(), SIDE, SIDE)));
  }
}
