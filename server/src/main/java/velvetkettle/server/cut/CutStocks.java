package velvetkettle.server.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.shelf.Material;
import velvetkettle.core.shelf.Remnant;
import velvetkettle.server.shelf.MaterialService;

/** What of the shelf can be cut from. */
@Component
class CutStocks {
  /** Where no material is chosen for a colour, as much as is needed is taken to be there, mm. */
  private static final double ANY_LENGTH = 10_000;

  /** Sheets of transfer film and cloth are about that large, mm [common practice, no source]. */
  private static final double SHEET_WIDTH = 210;

  private static final double SHEET_LENGTH = 297;
  private static final int MOST_SHEETS = 100;

  private final MaterialService materials;

  CutStocks(MaterialService materials) {
    this.materials = materials;
  }

  List<Stock> of(UUID materialId) {
    Material material = materials.material(materialId);
    String key = materialId.toString();
    List<Stock> stocks = new ArrayList<>();
    for (int i = 0; i < material.remnants().size(); i++) {
      Remnant remnant = material.remnants().get(i);
      stocks.add(
          new Stock(
              key + ":remnant-" + (i + 1),
              key,
              Stock.Kind.REMNANT,
              remnant.width().count(),
              remnant.length().count()));
    }
    if (material.rollWidthMillimetres() > 0 && material.leftMillimetres() > 0) {
      stocks.add(
          new Stock(
              key + ":roll",
              key,
              Stock.Kind.ROLL,
              material.rollWidthMillimetres(),
              material.leftMillimetres()));
    }
    int sheets =
        material.rollWidthMillimetres() > 0 ? 0 : Math.min(MOST_SHEETS, material.leftMillimetres());
    for (int i = 1; i <= sheets; i++) {
      stocks.add(new Stock(key + ":sheet-" + i, key, Stock.Kind.SHEET, SHEET_WIDTH, SHEET_LENGTH));
    }
    return stocks;
  }

  /** Of a mm² of a material; null where the shelf knows no price. */
  static @Nullable Double price(Material material) {
    Double price = material.price();
    if (price == null) {
      return null;
    }
    int width = material.rollWidthMillimetres();
    return price / (width > 0 ? width * 1000.0 : SHEET_WIDTH * SHEET_LENGTH);
  }

  /** For a colour whose material nobody chose yet. */
  static Stock any(String colour, LayRules rules) {
    return new Stock(colour + ":any", colour, Stock.Kind.ROLL, rules.matWidth(), ANY_LENGTH);
  }
}
