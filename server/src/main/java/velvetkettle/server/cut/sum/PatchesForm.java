package velvetkettle.server.cut.sum;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.patch.PatchMeasures;
import velvetkettle.core.cut.patch.PatchSet;

/**
 * Patches. Lengths in mm.
 *
 * @param copies 0 for one on each piece of the ticket
 * @param grain whether the grain of the cover cloth runs alike in all of them
 */
public record PatchesForm(
    @NotNull @Valid ShapeForm shape,
    double satin,
    double cover,
    double tack,
    double web,
    double stabiliser,
    @Min(0) @Max(200) int copies,
    @Min(0) @Max(50) double kerf,
    boolean grain,
    @NotNull @Size(max = 20) List<@NotNull @Valid StockForm> webs,
    @NotNull @Size(max = 20) List<@NotNull @Valid StockForm> cloths) {
  /**
   * Pieces of a material that are alike.
   *
   * @param roll whether it is cut off as long as is needed
   */
  public record StockForm(
      @Min(10) @Max(2000) double width,
      @Min(10) @Max(5000) double length,
      boolean roll,
      @Min(1) @Max(50) int count) {}

  static PatchesForm usual(ShapeForm shape) {
    PatchMeasures usual = PatchMeasures.USUAL;
    return new PatchesForm(
        shape,
        usual.satin(),
        usual.cover(),
        usual.tack(),
        usual.web(),
        usual.stabiliser(),
        0,
        2,
        true,
        List.of(new StockForm(216, 279, false, 2)),
        List.of(new StockForm(500, 1000, true, 1)));
  }

  PatchMeasures measures() {
    return new PatchMeasures(satin, cover, tack, web, stabiliser);
  }

  List<Stock> stocks() {
    List<Stock> all = new ArrayList<>();
    add(all, PatchSet.WEB, webs);
    add(all, PatchSet.COVER, cloths);
    return all;
  }

  /** The largest piece decides how large a mat has to be. */
  double largest(boolean along) {
    double largest = 50;
    for (Stock stock : stocks()) {
      largest = Math.max(largest, along ? stock.length() : stock.width());
    }
    return largest;
  }

  private static void add(List<Stock> all, String material, List<StockForm> forms) {
    for (StockForm form : forms) {
      for (int i = 0; i < form.count(); i++) {
        Stock.Kind kind = form.roll() ? Stock.Kind.ROLL : Stock.Kind.SHEET;
        String id = material + "-" + all.size();
        all.add(new Stock(id, material, kind, form.width(), form.length()));
      }
    }
  }

  static ShapeForm shape(ShapeForm.From from, double width, double height) {
    return new ShapeForm(from, width, height, "", Face.HEAVY);
  }
}
