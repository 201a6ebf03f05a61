package velvetkettle.core.cut.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.Drawn;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.lay.Layouts;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.lay.TestSquare;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.print.PrintJob;
import velvetkettle.core.cut.weed.WeedLimits;
import velvetkettle.core.cut.weed.Weeding;
import velvetkettle.core.shelf.CutterSetting;

class CutActsTest {
  private static final LayRules RULES = new LayRules(4, 3, 300, 300);
  private static final CutMaterial NAVY =
      new CutMaterial("Tideway navy", true, new CutterSetting(110, null, 200, 2, null));
  private static final CutMaterial TWILL = new CutMaterial("Pier twill", false, null);

  private static PlacedPiece piece(String id, String material, double x, double y) {
    return new PlacedPiece(
        new Piece(id, material, 50, 40, true), new Rectangle(x, y, 50, 40), false);
  }

  private static List<CutAct> acts() {
    Mat mat =
        new Mat(
            List.of(
                new Mat.LaidStock("n:1", "n", new Rectangle(0, 0, 140, 100), false),
                new Mat.LaidStock("t:1", "t", new Rectangle(150, 0, 56, 46), false)),
            List.of(
                piece("low", "n", 3, 57),
                piece("right", "n", 57, 3),
                piece("left", "n", 3, 3),
                piece("patch", "t", 153, 3)));
    return CutActs.of(
        mat,
        RULES,
        Map.of("n", NAVY, "t", TWILL),
        Map.of(
            "low", new CutPieceWork("low", 1000, 0),
            "right", new CutPieceWork("right", 3000, 4),
            "left", new CutPieceWork("left", 1000, 2),
            "patch", new CutPieceWork("patch", 500, 0)));
  }

  private static List<CutAct.Kind> kinds(List<CutAct> acts) {
    return acts.stream().map(CutAct::kind).toList();
  }

  @Test
  @DisplayName("what can go wrong is tried before the whole is cut, and weeded before it comes out")
  void inTheOrderThatSavesMaterial() {
    assertThat(kinds(acts()))
        .containsExactly(
            CutAct.Kind.LEVEL,
            CutAct.Kind.STICK,
            CutAct.Kind.STICK,
            CutAct.Kind.TEST_CUT,
            CutAct.Kind.TEST_WEED,
            CutAct.Kind.TEST_CUT,
            CutAct.Kind.TEST_WEED,
            CutAct.Kind.CUT,
            CutAct.Kind.LOOK,
            CutAct.Kind.WEED,
            CutAct.Kind.WEED,
            CutAct.Kind.WEED,
            CutAct.Kind.WEED);
  }

  /** 5 m of film at 200 mm/s twice are 50 s, half a metre of cloth at 100 mm/s 5 s. */
  @Test
  void theCutTakesAsLongAsItsEdges() {
    CutAct cut =
        acts().stream().filter(act -> act.kind() == CutAct.Kind.CUT).findFirst().orElseThrow();
    assertThat(cut.seconds()).isCloseTo(55, within(1e-9));
  }

  @Test
  @DisplayName("weeding goes row by row from the left, and says what comes off")
  void weedingByPlace() {
    List<CutAct> weeding = acts().stream().filter(act -> act.kind() == CutAct.Kind.WEED).toList();
    assertThat(weeding)
        .extracting(act -> act.sentence().toString())
        .satisfiesExactly(
            first -> assertThat(first).contains("cut.act.weed", "left", "2"),
            second -> assertThat(second).contains("cut.act.weed", "right", "4"),
            third -> assertThat(third).contains("cut.act.lift", "patch"),
            fourth -> assertThat(fourth).contains("cut.act.weed-round", "low"));
  }

  @Test
  void whatHasTheMostEdgesForItsSizeIsLookedAt() {
    CutAct look =
        acts().stream().filter(act -> act.kind() == CutAct.Kind.LOOK).findFirst().orElseThrow();
    assertThat(look.at()).isEqualTo(new Rectangle(57, 3, 50, 40));
  }

  /** The twill has 56 by 46 mm, the patch takes 50 by 40 of it and margins the rest. */
  @Test
  void withoutRoomTheTestIsCutInAnOffcut() {
    List<CutAct> tests = acts().stream().filter(act -> act.kind() == CutAct.Kind.TEST_CUT).toList();
    assertThat(tests.get(0).at()).isNotNull();
    assertThat(tests.get(1).at()).isNull();
    assertThat(tests.get(1).sentence().key()).isEqualTo("cut.act.test-apart");
  }

  /** Against a search of every half millimetre. */
  @Test
  @DisplayName("a test square lies in nothing, and is found wherever there is room for one")
  void testSquares() {
    Random random = new Random(41);
    int found = 0;
    for (int n = 0; n < 60; n++) {
      List<Piece> pieces = new ArrayList<>();
      for (int i = 0; i < 2 + random.nextInt(14); i++) {
        pieces.add(new Piece("p" + i, "n", 20 + random.nextInt(70), 20 + random.nextInt(70), true));
      }
      Stock stock =
          new Stock(
              "n:1", "n", Stock.Kind.SHEET, 80 + random.nextInt(200), 60 + random.nextInt(200));
      Layout layout = Layouts.lay(pieces, List.of(stock), RULES, Progress.NONE);
      for (Mat mat : layout.mats()) {
        Mat.LaidStock laid = mat.stocks().get(0);
        Optional<Rectangle> square = TestSquare.of("n", mat, RULES).map(TestSquare::at);
        assertThat(square.isPresent()).isEqualTo(hasRoom(laid, mat));
        square.ifPresent(place -> assertThat(isFree(place.x(), place.y(), laid, mat)).isTrue());
        square.ifPresent(place -> assertThat(holed(place, laid, layout)).isFalse());
        found += square.isPresent() ? 1 : 0;
      }
    }
    assertThat(found).isBetween(10, 200);
  }

  /** Whether what goes back to the shelf has the square cut out of it. */
  private static boolean holed(Rectangle square, Mat.LaidStock laid, Layout layout) {
    Rectangle sheet = laid.at();
    return layout.uses().stream()
        .filter(use -> use.stock().id().equals(laid.id()))
        .flatMap(use -> use.kept().stream())
        .map(
            kept ->
                laid.turned()
                    ? new Rectangle(
                        sheet.x() + sheet.width() - kept.bottom(),
                        sheet.y() + kept.x(),
                        kept.height(),
                        kept.width())
                    : kept.moved(sheet.x(), sheet.y()))
        .anyMatch(kept -> kept.overlaps(square));
  }

  private static boolean hasRoom(Mat.LaidStock stock, Mat mat) {
    for (double x = stock.at().x(); x < stock.at().right(); x += 0.5) {
      for (double y = stock.at().y(); y < stock.at().bottom(); y += 0.5) {
        if (isFree(x, y, stock, mat)) {
          return true;
        }
      }
    }
    return false;
  }

  private static boolean isFree(double x, double y, Mat.LaidStock stock, Mat mat) {
    double side = TestSquare.SIDE;
    double margin = RULES.margin();
    double apart = RULES.spacing() - 1e-6;
    boolean inside =
        x >= stock.at().x() + margin - 1e-6
            && y >= stock.at().y() + margin - 1e-6
            && x + side <= stock.at().right() - margin + 1e-6
            && y + side <= stock.at().bottom() - margin + 1e-6;
    return inside
        && mat.pieces().stream()
            .allMatch(
                piece ->
                    x + side <= piece.at().x() - apart
                        || x >= piece.at().right() + apart
                        || y + side <= piece.at().y() - apart
                        || y >= piece.at().bottom() + apart);
  }

  @Test
  void marksAreReadBeforeAPrintIsCut() {
    Paper page = new Paper(210, 297, 10);
    PrintJob job = new PrintJob(page, List.of(List.of(), List.of()), List.of());
    List<CutAct> acts = CutActs.ofPrint(job, 2);
    assertThat(kinds(acts))
        .containsExactly(
            CutAct.Kind.PRINT,
            CutAct.Kind.LEVEL,
            CutAct.Kind.READ_MARKS,
            CutAct.Kind.TEST_CUT,
            CutAct.Kind.CUT);
    double left = page.marks().stream().mapToDouble(Rectangle::x).min().orElseThrow();
    double right = page.marks().stream().mapToDouble(Rectangle::right).max().orElseThrow();
    assertThat(acts.get(0).sentence().toString()).contains(Long.toString(Math.round(right - left)));
    assertThat(CutActs.ofPrint(job, -1).get(3).sentence().key())
        .isEqualTo("cut.act.first-page-within");
  }

  @Test
  void weedingTakesAsLongAsTheArtSaysWhereNothingFails() {
    var ring =
        Drawn.art("<path fill-rule='evenodd' d='M0 0H60V60H0ZM20 20H40V40H20Z'/>")
            .layers()
            .get(0)
            .area();
    var read = Weeding.read(ring, new WeedLimits(1, 0.8, 2, 25), Progress.NONE);
    assertThat(read.faults()).isEmpty();
    assertThat(new CutPieceWork("a", ring.getLength(), 1).weedingSeconds())
        .isCloseTo(read.seconds(), within(1e-9));
  }
}
