package velvetkettle.core.cut.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cut.Progress;

class LayoutsTest {
  private static final LayRules RULES = new LayRules(4, 3, 300, 300);

  @Test
  void theSmallestRemnantThatHoldsAllIsTaken() {
    List<Stock> shelf =
        List.of(
            remnant("large", 250, 250),
            remnant("small", 60, 60),
            remnant("fits", 120, 110),
            roll(3000));
    Layout layout = Layouts.lay(pieces(4, 50, 45), shelf, RULES, Progress.NONE);
    assertThat(layout.uses()).extracting(use -> use.stock().id()).containsExactly("fits");
    assertThat(cutOff(layout)).isZero();
    assertThat(layout.left()).isEmpty();
  }

  @Test
  void remnantsTogetherComeBeforeTheRoll() {
    List<Stock> shelf =
        List.of(roll(3000), remnant("a", 120, 60), remnant("b", 120, 60), remnant("c", 50, 50));
    Layout layout = Layouts.lay(pieces(4, 50, 45), shelf, RULES, Progress.NONE);
    assertThat(layout.uses())
        .extracting(use -> use.stock().id())
        .containsExactlyInAnyOrder("a", "b");
    assertThat(cutOff(layout)).isZero();
  }

  @Test
  void theRollIsCutOffWhereRemnantsDoNotSuffice() {
    Layout layout =
        Layouts.lay(
            pieces(6, 90, 60), List.of(remnant("a", 100, 80), roll(3000)), RULES, Progress.NONE);
    assertThat(layout.left()).isEmpty();
    assertThat(cutOff(layout)).isCloseTo(130, within(1.0));
    assertThat(layout.uses())
        .extracting(use -> use.stock().kind())
        .containsExactly(Stock.Kind.REMNANT, Stock.Kind.ROLL);
  }

  @Test
  void whatFitsNowhereIsSaid() {
    Layout layout = Layouts.lay(pieces(2, 320, 40), List.of(roll(3000)), RULES, Progress.NONE);
    assertThat(layout.left()).hasSize(2);
    assertThat(layout.mats()).isEmpty();
    assertThat(Layouts.lay(pieces(1, 90, 90), List.of(), RULES, Progress.NONE).left()).hasSize(1);
  }

  @Test
  void aNapIsNeverTurned() {
    List<Piece> long1 = List.of(new Piece("p", "film", 40, 200, false));
    Layout layout =
        Layouts.lay(long1, List.of(remnant("wide", 250, 60), roll(3000)), RULES, Progress.NONE);
    assertThat(layout.uses().get(0).stock().kind()).isEqualTo(Stock.Kind.ROLL);
    assertThat(layout.uses().get(0).pieces().get(0).turned()).isFalse();
  }

  @Test
  void whatIsLeftGoesBackAsRemnants() {
    Layout layout =
        Layouts.lay(pieces(1, 90, 60), List.of(remnant("a", 200, 150)), RULES, Progress.NONE);
    StockUse use = layout.uses().get(0);
    assertThat(use.kept()).isNotEmpty();
    double kept = use.kept().stream().mapToDouble(Rectangle::area).sum();
    assertThat(use.used() + use.waste() + kept).isCloseTo(200 * 150, within(1e-6));
    assertThat(layout.yield()).isBetween(0.5, 1.0);
  }

  @Test
  void severalColoursShareAMat() {
    List<Piece> pieces = new ArrayList<>();
    List<Stock> shelf = new ArrayList<>();
    for (String colour : List.of("navy", "white", "red", "gold")) {
      IntStream.range(0, 6).forEach(i -> pieces.add(new Piece(colour + i, colour, 60, 38, true)));
      shelf.add(new Stock(colour + " remnant", colour, Stock.Kind.REMNANT, 140, 145));
    }
    Layout layout = Layouts.lay(pieces, shelf, RULES, Progress.NONE);
    assertThat(layout.mats()).hasSize(1);
    assertThat(layout.mats().get(0).pieces()).hasSize(24);
  }

  static List<Long> seeds() {
    return IntStream.range(0, 60).mapToObj(Long::valueOf).toList();
  }

  /** Whatever is asked: each piece once, on its own material, within it, apart from the others. */
  @ParameterizedTest
  @MethodSource("seeds")
  void nothingOverlapsOrLiesOutside(long seed) {
    Random random = new Random(seed);
    List<Piece> pieces = new ArrayList<>();
    List<Stock> shelf = new ArrayList<>();
    List<String> colours = List.of("navy", "white", "red").subList(0, 1 + random.nextInt(3));
    for (String colour : colours) {
      for (int i = 0; i < 1 + random.nextInt(14); i++) {
        pieces.add(
            new Piece(
                colour + i,
                colour,
                8 + random.nextInt(140),
                8 + random.nextInt(140),
                random.nextInt(3) > 0));
      }
      for (int i = 0; i < random.nextInt(5); i++) {
        shelf.add(
            new Stock(
                colour + " r" + i,
                colour,
                Stock.Kind.REMNANT,
                40 + random.nextInt(400),
                40 + random.nextInt(400)));
      }
      if (random.nextBoolean()) {
        shelf.add(
            new Stock(
                colour + " roll",
                colour,
                Stock.Kind.ROLL,
                300 + random.nextInt(300),
                random.nextInt(2000)));
      }
    }
    LayRules rules =
        new LayRules(
            random.nextInt(8),
            random.nextInt(6),
            200 + random.nextInt(200),
            200 + random.nextInt(400));
    Layout layout = Layouts.lay(pieces, shelf, rules, Progress.NONE);
    assertSound(layout, pieces, rules);
    assertThat(Layouts.lay(pieces, shelf, rules, Progress.NONE)).isEqualTo(layout);
  }

  private static void assertSound(Layout layout, List<Piece> pieces, LayRules rules) {
    assertThat(layout.uses()).extracting(use -> use.stock().id()).doesNotHaveDuplicates();
    Set<String> seen = new HashSet<>();
    Rectangle whole = new Rectangle(0, 0, rules.matWidth(), rules.matLength());
    for (Mat mat : layout.mats()) {
      assertThat(LayoutCheck.of(mat, rules)).isEmpty();
      for (Mat.LaidStock stock : mat.stocks()) {
        assertThat(whole.holds(stock.at())).isTrue();
        mat.stocks()
            .forEach(
                other -> assertThat(other != stock && other.at().overlaps(stock.at())).isFalse());
      }
      mat.pieces().forEach(piece -> assertThat(seen.add(piece.piece().id())).isTrue());
    }
    layout.left().forEach(piece -> assertThat(seen.add(piece.id())).isTrue());
    assertThat(seen).hasSameSizeAs(pieces);
    for (StockUse use : layout.uses()) {
      use.kept()
          .forEach(
              kept ->
                  use.pieces().forEach(piece -> assertThat(kept.overlaps(piece.at())).isFalse()));
    }
  }

  @Test
  void whatWasMovedWronglyIsSaid() {
    Piece piece = new Piece("p", "navy", 50, 40, false);
    Mat.LaidStock navy = new Mat.LaidStock("n", "navy", new Rectangle(0, 0, 120, 120), false);
    Mat.LaidStock red = new Mat.LaidStock("r", "red", new Rectangle(120, 0, 120, 120), false);
    assertThat(wrong(navy, red, at(piece, 10, 10))).isEmpty();
    assertThat(wrong(navy, red, at(piece, 1, 10))).containsExactly("lay.wrong.margin");
    assertThat(wrong(navy, red, at(piece, 100, 10))).containsExactly("lay.wrong.outside");
    assertThat(wrong(navy, red, at(piece, 140, 10))).containsExactly("lay.wrong.material");
    assertThat(wrong(navy, red, new PlacedPiece(piece, new Rectangle(10, 10, 40, 50), true)))
        .containsExactly("lay.wrong.turned");
    Piece other = new Piece("q", "navy", 50, 40, false);
    assertThat(wrong(navy, red, at(piece, 10, 10), at(other, 62, 10)))
        .containsExactly("lay.wrong.neighbour", "lay.wrong.neighbour");
    assertThat(wrong(navy, red, at(piece, 10, 10), at(other, 64, 10))).isEmpty();
  }

  /** Moved to where they lie already, also on stocks that lie turned, nothing changes. */
  @ParameterizedTest
  @MethodSource("seeds")
  void movedNowhereALayoutIsAsBefore(long seed) {
    Random random = new Random(seed);
    List<Piece> pieces =
        pieces(3 + random.nextInt(9), 20 + random.nextInt(60), 20 + random.nextInt(60));
    List<Stock> shelf =
        List.of(
            remnant("a", 60 + random.nextInt(220), 60 + random.nextInt(220)),
            remnant("b", 60 + random.nextInt(220), 60 + random.nextInt(220)),
            roll(3000));
    Layout layout = Layouts.lay(pieces, shelf, RULES, Progress.NONE);
    Layout again = Layouts.moved(layout, layout.mats(), RULES);
    assertThat(again.uses()).hasSameSizeAs(layout.uses());
    for (int i = 0; i < layout.uses().size(); i++) {
      List<PlacedPiece> now = again.uses().get(i).pieces();
      List<PlacedPiece> before = layout.uses().get(i).pieces();
      assertThat(now).hasSameSizeAs(before);
      for (PlacedPiece piece : before) {
        assertThat(now)
            .anyMatch(
                same ->
                    same.piece().equals(piece.piece())
                        && same.turned() == piece.turned()
                        && same.at().holds(piece.at())
                        && piece.at().holds(same.at()));
      }
    }
  }

  /**
   * A piece that is moved into the middle leaves less to keep: nothing goes back that was cut into.
   */
  @Test
  void whatIsKeptFollowsAPieceThatIsMoved() {
    Layout layout =
        Layouts.lay(pieces(1, 90, 60), List.of(remnant("a", 200, 150)), RULES, Progress.NONE);
    Mat mat = layout.mats().get(0);
    Mat.LaidStock stock = mat.stocks().get(0);
    Rectangle middle = new Rectangle(stock.at().x() + 55, stock.at().y() + 45, 90, 60);
    PlacedPiece moved = new PlacedPiece(mat.pieces().get(0).piece(), middle, false);
    Layout now = Layouts.moved(layout, List.of(new Mat(mat.stocks(), List.of(moved))), RULES);
    StockUse use = now.uses().get(0);
    assertThat(use.kept()).isNotEmpty().noneMatch(kept -> kept.overlaps(use.pieces().get(0).at()));
    double largest = layout.uses().get(0).kept().get(0).area();
    assertThat(use.kept().get(0).area()).isLessThan(largest);
  }

  @Test
  void aLongLayoutCanBeStopped() {
    List<Piece> many = pieces(200, 31, 17);
    assertThatThrownBy(() -> Layouts.lay(many, List.of(roll(9000)), RULES, (done, of) -> done < 3))
        .isInstanceOf(Progress.StoppedException.class);
  }

  private static double cutOff(Layout layout) {
    return layout.uses().stream()
        .filter(use -> use.stock().kind() == Stock.Kind.ROLL)
        .mapToDouble(StockUse::length)
        .sum();
  }

  private static List<String> wrong(Mat.LaidStock navy, Mat.LaidStock red, PlacedPiece... pieces) {
    return LayoutCheck.of(new Mat(List.of(navy, red), List.of(pieces)), RULES).stream()
        .map(wrong -> wrong.why().key())
        .toList();
  }

  private static PlacedPiece at(Piece piece, double x, double y) {
    return new PlacedPiece(piece, new Rectangle(x, y, piece.width(), piece.height()), false);
  }

  private static List<Piece> pieces(int count, double width, double height) {
    return IntStream.range(0, count)
        .mapToObj(i -> new Piece("p" + i, "film", width, height, true))
        .toList();
  }

  private static Stock remnant(String id, double width, double length) {
    return new Stock(id, "film", Stock.Kind.REMNANT, width, length);
  }

  private static Stock roll(double length) {
    return new Stock("roll", "film", Stock.Kind.ROLL, 500, length);
  }
}
