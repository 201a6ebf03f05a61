package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.cut.Progress;

/** Fills one sheet after the other, all of a size. */
public final class Sheets {
  private Sheets() {}

  /**
   * @param pieces those on each sheet, by their places within the free part
   * @param left what no sheet holds
   */
  public record Filled(List<List<PlacedPiece>> pieces, List<Piece> left) {}

  /** As many sheets as are needed. */
  public static Filled fill(
      List<Piece> pieces, double width, double height, double spacing, Progress progress) {
    List<Piece> open = new ArrayList<>(pieces);
    List<List<PlacedPiece>> sheets = new ArrayList<>();
    while (!open.isEmpty()) {
      List<PlacedPiece> sheet = first(open, width, height, spacing, progress);
      if (sheet.isEmpty()) {
        break;
      }
      sheets.add(sheet);
      Set<Piece> done = new HashSet<>(sheet.stream().map(PlacedPiece::piece).toList());
      open.removeIf(done::contains);
    }
    return new Filled(sheets, open);
  }

  /** As much as fits on one sheet. */
  public static List<PlacedPiece> first(
      List<Piece> pieces, double width, double height, double spacing, Progress progress) {
    return SheetSearch.fullest(pieces, width, height, spacing, progress).lying().stream()
        .map(each -> new PlacedPiece(each.piece(), each.at(), each.turned()))
        .toList();
  }
}
