package velvetkettle.server.cut;

import java.util.List;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.print.PrintJob;

/**
 * Where a ticket's pieces lie, as it is stored.
 *
 * @param stocks what was on the shelf when it was laid
 * @param prints one for each design that is printed
 * @param taken whether its materials were taken off the shelf
 */
public record KeptLayout(
    Layout layout, List<StockName> stocks, List<DesignPrints> prints, boolean taken) {
  /** A stock by the name of its material, and its colour on the screen. */
  public record StockName(String material, String name, String colour) {}

  public record DesignPrints(String decoration, PrintJob job) {}

  KeptLayout with(Layout changed) {
    return new KeptLayout(changed, stocks, prints, taken);
  }

  KeptLayout whenTaken() {
    return new KeptLayout(layout, stocks, prints, true);
  }
}
