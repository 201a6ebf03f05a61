package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import velvetkettle.core.cut.Progress;

/** Lays pieces of several materials on mats. */
public final class Layouts {
  private Layouts() {}

  /**
   * The same pieces, stocks and rules give the same layout.
   *
   * @throws Progress.StoppedException where it was stopped
   */
  public static Layout lay(
      List<Piece> pieces, List<Stock> stocks, LayRules rules, Progress progress) {
    Map<String, List<Piece>> byMaterial = new LinkedHashMap<>();
    pieces.forEach(
        piece -> byMaterial.computeIfAbsent(piece.material(), m -> new ArrayList<>()).add(piece));
    List<StockUse> uses = new ArrayList<>();
    List<Piece> left = new ArrayList<>();
    int done = 0;
    for (Map.Entry<String, List<Piece>> each : byMaterial.entrySet()) {
      int material = done++;
      Progress within =
          (at, of) -> progress.at(material * 100 + 100 * at / of, byMaterial.size() * 100);
      List<Stock> at =
          stocks.stream().filter(stock -> stock.material().equals(each.getKey())).toList();
      StockChoice.Chosen chosen = new StockChoice(at, rules, within).choose(each.getValue());
      uses.addAll(chosen.uses());
      left.addAll(chosen.left());
    }
    return tried(mats(uses, rules, progress), uses, left, rules);
  }

  /**
   * The same layout with mats on which pieces were moved by hand: what is kept of each stock
   * follows from where they lie now. A piece that lies on no stock is cut from none.
   */
  public static Layout moved(Layout layout, List<Mat> mats, LayRules rules) {
    Map<String, List<PlacedPiece>> byStock = new LinkedHashMap<>();
    for (Mat mat : mats) {
      for (Mat.LaidStock stock : mat.stocks()) {
        List<PlacedPiece> on =
            mat.pieces().stream()
                .filter(piece -> stock.at().holds(piece.at()))
                .map(piece -> onStock(piece, stock))
                .toList();
        byStock.put(stock.id(), on);
      }
    }
    List<StockUse> uses =
        layout.uses().stream()
            .map(
                use ->
                    StockUse.of(
                        use.stock(), byStock.getOrDefault(use.stock().id(), List.of()), rules))
            .toList();
    return tried(mats, uses, layout.left(), rules);
  }

  /** With the squares in which each material is tried: what is kept of it lies beside them. */
  private static Layout tried(
      List<Mat> mats, List<StockUse> uses, List<Piece> left, LayRules rules) {
    Map<String, StockUse> byStock = new LinkedHashMap<>();
    uses.forEach(use -> byStock.put(use.stock().id(), use));
    for (Mat mat : mats) {
      for (TestSquare square : TestSquare.all(mat, rules)) {
        Mat.LaidStock stock = square.stock();
        Rectangle place = onStock(square.at().grown(rules.spacing() / 2), stock);
        byStock.computeIfPresent(stock.id(), (id, use) -> use.without(place));
      }
    }
    return new Layout(mats, List.copyOf(byStock.values()), left);
  }

  /** The other way round than {@link #onMat}. */
  private static PlacedPiece onStock(PlacedPiece piece, Mat.LaidStock stock) {
    return new PlacedPiece(
        piece.piece(), onStock(piece.at(), stock), stock.turned() != piece.turned());
  }

  private static Rectangle onStock(Rectangle onMat, Mat.LaidStock stock) {
    Rectangle at = onMat.moved(-stock.at().x(), -stock.at().y());
    return stock.turned()
        ? new Rectangle(at.y(), stock.at().width() - at.right(), at.height(), at.width())
        : at;
  }

  /** Fills one mat after the other with the materials, as full as may be. */
  private static List<Mat> mats(List<StockUse> uses, LayRules rules, Progress progress) {
    Map<String, StockUse> open = new LinkedHashMap<>();
    uses.forEach(use -> open.put(use.stock().id(), use));
    List<Mat> mats = new ArrayList<>();
    while (!open.isEmpty()) {
      List<Piece> sheets =
          open.values().stream()
              .map(
                  use ->
                      new Piece(
                          use.stock().id(),
                          use.stock().material(),
                          use.width(),
                          use.length(),
                          true))
              .toList();
      SheetSearch.Sheet filled =
          SheetSearch.fullest(sheets, rules.matWidth(), rules.matLength(), 0, progress);
      if (filled.lying().isEmpty()) {
        throw new IllegalStateException("a material is larger than the mat");
      }
      mats.add(mat(filled, open));
      filled.lying().forEach(lying -> open.remove(lying.piece().id()));
    }
    return mats;
  }

  private static Mat mat(SheetSearch.Sheet filled, Map<String, StockUse> uses) {
    List<Mat.LaidStock> stocks = new ArrayList<>();
    List<PlacedPiece> pieces = new ArrayList<>();
    filled.lying().stream()
        .sorted(Comparator.comparing((SheetSearch.FittedPiece lying) -> lying.at().y()))
        .forEach(
            lying -> {
              StockUse use = Objects.requireNonNull(uses.get(lying.piece().id()));
              stocks.add(
                  new Mat.LaidStock(
                      use.stock().id(), use.stock().material(), lying.at(), lying.turned()));
              for (PlacedPiece piece : use.pieces()) {
                pieces.add(onMat(piece, use, lying));
              }
            });
    return new Mat(stocks, pieces);
  }

  private static PlacedPiece onMat(PlacedPiece piece, StockUse use, SheetSearch.FittedPiece lying) {
    if (!lying.turned()) {
      return piece.moved(lying.at().x(), lying.at().y());
    }
    Rectangle at = piece.at();
    Rectangle turned = new Rectangle(use.length() - at.bottom(), at.x(), at.height(), at.width());
    return new PlacedPiece(
        piece.piece(), turned.moved(lying.at().x(), lying.at().y()), !piece.turned());
  }
}
