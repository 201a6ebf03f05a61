package velvetkettle.core.cut.act;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.TestSquare;
import velvetkettle.core.cut.print.PrintJob;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * What is done to cut a mat or the pages of a print, in the order in which it saves material: what
 * can go wrong is tried before the whole is cut [common practice, no source].
 */
public final class CutActs {
  private final Mat mat;
  private final LayRules rules;
  private final Map<String, CutMaterial> materials;
  private final Map<String, CutPieceWork> work;
  private final List<CutAct> acts = new ArrayList<>();

  private CutActs(
      Mat mat, LayRules rules, Map<String, CutMaterial> materials, Map<String, CutPieceWork> work) {
    this.mat = mat;
    this.rules = rules;
    this.materials = materials;
    this.work = work;
  }

  /**
   * @param materials by what the mat calls them
   * @param work of each piece, by its id
   */
  public static List<CutAct> of(
      Mat mat, LayRules rules, Map<String, CutMaterial> materials, Map<String, CutPieceWork> work) {
    return new CutActs(mat, rules, materials, work).all();
  }

  private List<CutAct> all() {
    acts.add(CutAct.of(CutAct.Kind.LEVEL, Sentence.of("cut.act.level")));
    for (Mat.LaidStock stock : mat.stocks()) {
      acts.add(
          CutAct.at(
              CutAct.Kind.STICK,
              Sentence.of(
                  material(stock).onCarrier() ? "cut.act.stick" : "cut.act.stick-cloth",
                  material(stock).name(),
                  across(stock.at()),
                  down(stock.at())),
              stock.at()));
    }
    Set<String> tried =
        mat.stocks().stream().map(Mat.LaidStock::material).collect(Collectors.toSet());
    for (Mat.LaidStock stock : mat.stocks()) {
      if (tried.remove(stock.material())) {
        test(stock);
      }
    }
    double seconds = 0;
    double length = 0;
    for (PlacedPiece piece : mat.pieces()) {
      CutPieceWork each = work(piece);
      length += each.length();
      seconds += of(piece.piece().material()).seconds(each.length());
    }
    acts.add(
        new CutAct(
            CutAct.Kind.CUT,
            Sentence.of(
                "cut.act.cut", mat.pieces().size(), Millimetres.of(10 * Math.round(length / 10))),
            seconds,
            null));
    look();
    weed();
    return List.copyOf(acts);
  }

  /** A square that weeds before anything is cut, where there is room for one on the same piece. */
  private void test(Mat.LaidStock stock) {
    CutMaterial material = material(stock);
    Rectangle room = TestSquare.of(stock.material(), mat, rules).map(TestSquare::at).orElse(null);
    Millimetres side = Millimetres.of(TestSquare.SIDE);
    acts.add(
        room == null
            ? CutAct.of(
                CutAct.Kind.TEST_CUT, Sentence.of("cut.act.test-apart", side, material.name()))
            : CutAct.at(
                CutAct.Kind.TEST_CUT,
                Sentence.of("cut.act.test", side, material.name(), across(room), down(room)),
                room));
    acts.add(
        new CutAct(
            CutAct.Kind.TEST_WEED,
            Sentence.of(material.onCarrier() ? "cut.act.test-weed" : "cut.act.test-lift"),
            0,
            room));
  }

  /** Of what is hardest to cut, while the mat still lies where it was cut. */
  private void look() {
    mat.pieces().stream()
        .max(Comparator.comparingDouble(piece -> work(piece).length() / piece.at().area()))
        .ifPresent(
            piece ->
                acts.add(
                    CutAct.at(
                        CutAct.Kind.LOOK,
                        Sentence.of(
                            "cut.act.look",
                            work(piece).name(),
                            across(piece.at()),
                            down(piece.at())),
                        piece.at())));
  }

  /** From the top down and from the left: no arm lies on what is weeded already. */
  private void weed() {
    mat.pieces().stream()
        .sorted(
            Comparator.comparingDouble((PlacedPiece piece) -> Math.round(piece.at().y()))
                .thenComparingDouble(piece -> piece.at().x()))
        .forEach(
            piece -> {
              CutPieceWork each = work(piece);
              boolean carried = of(piece.piece().material()).onCarrier();
              Sentence sentence =
                  !carried
                      ? Sentence.of("cut.act.lift", each.name())
                      : each.holes() == 0
                          ? Sentence.of("cut.act.weed-round", each.name())
                          : Sentence.of("cut.act.weed", each.name(), each.holes());
              acts.add(new CutAct(CutAct.Kind.WEED, sentence, each.weedingSeconds(), piece.at()));
            });
  }

  /**
   * What is done to print pages and cut along the line.
   *
   * @param border between the print and the line, mm; below 0 cuts into it
   */
  public static List<CutAct> ofPrint(PrintJob job, double border) {
    int pages = job.pages().size();
    List<Rectangle> marks = job.page().marks();
    Millimetres apart = Millimetres.of(Math.round(farthest(marks)));
    return List.of(
        CutAct.of(CutAct.Kind.PRINT, Sentence.of("cut.act.print", apart)),
        CutAct.of(CutAct.Kind.LEVEL, Sentence.of("cut.act.level")),
        CutAct.of(CutAct.Kind.READ_MARKS, Sentence.of("cut.act.marks")),
        CutAct.of(
            CutAct.Kind.TEST_CUT,
            border >= 0
                ? Sentence.of("cut.act.first-page", Millimetres.of(border))
                : Sentence.of("cut.act.first-page-within", Millimetres.of(-border))),
        CutAct.of(CutAct.Kind.CUT, Sentence.of("cut.act.pages", pages)));
  }

  private static double farthest(List<Rectangle> marks) {
    double left = marks.stream().mapToDouble(Rectangle::x).min().orElse(0);
    double right = marks.stream().mapToDouble(Rectangle::right).max().orElse(0);
    return right - left;
  }

  private CutMaterial material(Mat.LaidStock stock) {
    return of(stock.material());
  }

  private CutMaterial of(String material) {
    return known(materials.get(material), material);
  }

  private CutPieceWork work(PlacedPiece piece) {
    return known(work.get(piece.piece().id()), piece.piece().id());
  }

  private static <T> T known(@Nullable T found, String name) {
    if (found == null) {
      throw new IllegalArgumentException("nothing is known of " + name);
    }
    return found;
  }

  private static Millimetres across(Rectangle place) {
    return Millimetres.of(Math.round(place.x()));
  }

  private static Millimetres down(Rectangle place) {
    return Millimetres.of(Math.round(place.y()));
  }
}
