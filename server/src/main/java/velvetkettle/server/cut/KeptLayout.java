package velvetkettle.server.cut;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.act.CutMaterial;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.print.PrintJob;

/**
 * Where a ticket's pieces lie, as it is stored.
 *
 * @param stocks what was on the shelf when it was laid
 * @param prints one for each design that is printed
 * @param work of each colour of each design; null where it was laid before that was kept
 * @param taken whether its materials were taken off the shelf
 */
public record KeptLayout(
    Layout layout,
    List<StockName> stocks,
    List<DesignPrints> prints,
    @Nullable List<ColourWork> work,
    boolean taken) {
  /**
   * A stock by the name of its material, and its colour on the screen.
   *
   * @param cut how it is cut; null where it was laid before that was kept
   * @param price of a mm² of it; null where none is kept
   */
  public record StockName(
      String material,
      String name,
      String colour,
      @Nullable CutMaterial cut,
      @Nullable Double price) {}

  /**
   * What there is to cut of a colour in each copy of a design.
   *
   * @param length of its edges, mm
   * @param wear that cutting it is to a blade, mm of plain film
   */
  public record ColourWork(
      String decoration, String colour, double length, int holes, double wear) {}

  public record DesignPrints(String decoration, PrintJob job) {}

  KeptLayout with(Layout changed) {
    return new KeptLayout(changed, stocks, prints, work, taken);
  }

  KeptLayout whenTaken() {
    return new KeptLayout(layout, stocks, prints, work, true);
  }

  /** What there is to cut of a piece; null where that was not kept. */
  @Nullable ColourWork work(CutPiece piece) {
    if (work == null) {
      return null;
    }
    return work.stream()
        .filter(
            each ->
                each.decoration().equals(piece.decoration())
                    && each.colour().equals(piece.colour()))
        .findFirst()
        .orElse(null);
  }

  /** What cutting all of it is to a blade, mm of plain film. */
  double wear() {
    return layout.mats().stream()
        .flatMap(mat -> mat.pieces().stream())
        .flatMap(piece -> Stream.ofNullable(work(CutPiece.of(piece.piece().id()))))
        .mapToDouble(ColourWork::wear)
        .sum();
  }
}
