package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.lay.SheetSearch.FittedPiece;
import velvetkettle.core.cut.lay.SheetSearch.Sheet;

/**
 * What the pieces of one material are cut from: the smallest remnant that holds them all; else
 * remnants together, from the smallest up or from the largest down, whichever leaves less for
 * sheets and roll; then those.
 */
final class StockChoice {
  private final List<Stock> remnants;
  private final List<Stock> others;
  private final LayRules rules;
  private final Progress progress;

  /**
   * @param left what fits on nothing at hand
   */
  record Chosen(List<StockUse> uses, List<Piece> left) {
    double cutOff() {
      return uses.stream()
          .filter(use -> use.stock().kind() != Stock.Kind.REMNANT)
          .mapToDouble(use -> use.width() * use.length())
          .sum();
    }

    double leftArea() {
      return left.stream().mapToDouble(Piece::area).sum();
    }

    double remnantArea() {
      return uses.stream()
          .filter(use -> use.stock().kind() == Stock.Kind.REMNANT)
          .mapToDouble(use -> use.stock().area())
          .sum();
    }
  }

  StockChoice(List<Stock> stocks, LayRules rules, Progress progress) {
    this.rules = rules;
    this.progress = progress;
    this.remnants =
        stocks.stream()
            .filter(stock -> stock.kind() == Stock.Kind.REMNANT)
            .sorted(Comparator.comparingDouble(Stock::area))
            .toList();
    this.others =
        stocks.stream()
            .filter(stock -> stock.kind() != Stock.Kind.REMNANT)
            .sorted(Comparator.comparing(Stock::kind))
            .toList();
  }

  Chosen choose(List<Piece> pieces) {
    double area = pieces.stream().mapToDouble(Piece::area).sum();
    for (Stock remnant : remnants) {
      if (remnant.area() >= area) {
        Sheet sheet = filled(remnant, pieces);
        if (sheet.lying().size() == pieces.size()) {
          return new Chosen(List.of(use(remnant, sheet)), List.of());
        }
      }
    }
    List<Stock> largestFirst = new ArrayList<>(remnants);
    Collections.reverse(largestFirst);
    Chosen up = together(remnants, pieces);
    Chosen down = together(largestFirst, pieces);
    return Comparator.comparingDouble(Chosen::leftArea)
                .thenComparingDouble(Chosen::cutOff)
                .thenComparingDouble(Chosen::remnantArea)
                .compare(up, down)
            <= 0
        ? up
        : down;
  }

  private Chosen together(List<Stock> inOrder, List<Piece> pieces) {
    List<StockUse> uses = new ArrayList<>();
    List<Piece> left = new ArrayList<>(pieces);
    Set<Stock> taken = new HashSet<>();
    for (Stock remnant : inOrder) {
      Sheet sheet = taken.contains(remnant) ? Sheet.EMPTY : filled(remnant, left);
      if (!sheet.lying().isEmpty()) {
        Stock smallest = smallestFor(sheet, remnant, taken);
        taken.add(smallest);
        uses.add(use(smallest, sheet, left));
      }
    }
    for (Stock stock : others) {
      if (stock.kind() == Stock.Kind.ROLL) {
        fromRoll(stock, left, uses);
      } else {
        Sheet sheet = filled(stock, left);
        if (!sheet.lying().isEmpty()) {
          uses.add(use(stock, sheet, left));
        }
      }
    }
    return new Chosen(uses, left);
  }

  /** A remnant that holds the same pieces and is smaller, where one is free. */
  private Stock smallestFor(Sheet sheet, Stock found, Set<Stock> taken) {
    return remnants.stream()
        .filter(smaller -> smaller.area() < found.area())
        .filter(smaller -> !taken.contains(smaller) && fits(sheet, smaller))
        .findFirst()
        .orElse(found);
  }

  private boolean fits(Sheet sheet, Stock stock) {
    Rectangle inside = inside(stock);
    return sheet.lying().stream()
        .allMatch(
            each ->
                each.at().right() <= inside.width() + Rectangle.TOUCH
                    && each.at().bottom() <= inside.height() + Rectangle.TOUCH);
  }

  /** Cut off in lengths that a mat holds. */
  private void fromRoll(Stock roll, List<Piece> left, List<StockUse> uses) {
    double unrolled = 0;
    int cut = 0;
    while (!left.isEmpty()) {
      double reach = Math.min(rules.matLength(), roll.length() - unrolled);
      Stock strip =
          new Stock(
              roll.id() + (cut == 0 ? "" : "+" + cut),
              roll.material(),
              Stock.Kind.ROLL,
              roll.width(),
              reach);
      Rectangle inside = inside(strip);
      if (inside.width() <= 0 || inside.height() <= 0) {
        return;
      }
      Sheet sheet =
          SheetSearch.shortest(left, inside.width(), inside.height(), rules.spacing(), progress);
      if (sheet.lying().isEmpty()) {
        return;
      }
      double length = Math.min(reach, Math.ceil(sheet.length() + 2 * rules.margin()));
      uses.add(
          use(
              new Stock(strip.id(), strip.material(), strip.kind(), strip.width(), length),
              sheet,
              left));
      unrolled += length;
      cut++;
    }
  }

  private Sheet filled(Stock stock, List<Piece> pieces) {
    Rectangle inside = inside(stock);
    return inside.width() <= 0 || inside.height() <= 0
        ? Sheet.EMPTY
        : SheetSearch.fullest(pieces, inside.width(), inside.height(), rules.spacing(), progress);
  }

  /** What of a stock can be cut: it must lie on the mat, and its edges stay free. */
  private Rectangle inside(Stock stock) {
    double width = Math.min(stock.width(), rules.matWidth()) - 2 * rules.margin();
    double length = Math.min(stock.length(), rules.matLength()) - 2 * rules.margin();
    return new Rectangle(rules.margin(), rules.margin(), width, length);
  }

  private StockUse use(Stock stock, Sheet sheet, List<Piece> left) {
    Set<Piece> cut = new HashSet<>(sheet.lying().stream().map(FittedPiece::piece).toList());
    left.removeIf(cut::contains);
    return use(stock, sheet);
  }

  private StockUse use(Stock stock, Sheet sheet) {
    List<PlacedPiece> pieces =
        sheet.lying().stream()
            .map(
                each ->
                    new PlacedPiece(
                        each.piece(),
                        each.at().moved(rules.margin(), rules.margin()),
                        each.turned()))
            .toList();
    return StockUse.of(stock, pieces, rules);
  }
}
