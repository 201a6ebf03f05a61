package velvetkettle.server.cut;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.act.CutAct;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.quantity.Sentence;

/**
 * Where the pieces lie, to be drawn. Lengths in mm from the left upper corner of a mat or page.
 *
 * @param yield of what does not go back to the shelf, 0 to 1
 * @param left pieces that fit on nothing at hand
 * @param taken whether its materials were taken off the shelf
 */
public record LayoutView(
    List<MatView> mats,
    double matWidth,
    double matLength,
    double margin,
    double spacing,
    List<UseView> uses,
    double yield,
    List<LaidPiece> left,
    List<PrintView> prints,
    boolean taken) {
  /**
   * @param acts by which it is cut; none where that is not known
   */
  public record MatView(List<StockView> stocks, List<LaidPiece> pieces, List<CutAct> acts) {}

  /**
   * @param name of the material; empty where none is chosen
   * @param colour of it on the screen
   * @param turned whether it lies a quarter turned
   */
  public record StockView(
      String id, String material, String name, String colour, Rectangle at, boolean turned) {}

  /**
   * @param turnable whether it may lie turned on material that is not, as its nap or direction
   *     allows
   * @param wrong why it cannot lie there; null where it can
   */
  public record LaidPiece(
      String id,
      String decoration,
      String colour,
      int copy,
      String material,
      Rectangle at,
      boolean turnable,
      boolean turned,
      @Nullable Sentence wrong) {}

  /**
   * What is used of a piece of material.
   *
   * @param kept what goes back to the shelf
   * @param waste mm²
   * @param cost of what does not go back to the shelf; null where no price is kept
   */
  public record UseView(
      String name,
      Stock.Kind kind,
      double width,
      double length,
      List<Rectangle> kept,
      double waste,
      @Nullable Double cost) {}

  /**
   * @param left copies that no page holds
   */
  public record PrintView(
      String decoration,
      double pageWidth,
      double pageHeight,
      List<Rectangle> marks,
      List<List<LaidPrint>> pages,
      int left,
      List<CutAct> acts) {}

  public record LaidPrint(Rectangle at, boolean turned) {}
}
