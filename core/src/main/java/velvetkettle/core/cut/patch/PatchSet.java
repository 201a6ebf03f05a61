package velvetkettle.core.cut.patch;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.lay.Layouts;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.out.OnMat;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.Sentence;

/**
 * So many patches of one outline laid on what is at hand: the web, and the cover cloth.
 *
 * @param web pieces of web; its sheets are kiss cut, so that the backing carries all of them
 * @param cover pieces of cover cloth
 */
public record PatchSet(PatchLines lines, Layout web, Layout cover) {
  /** What cover cloth and web are called among the stocks. */
  public static final String WEB = "web";

  public static final String COVER = "cover";

  /**
   * @param kerf between two pieces, mm
   * @param grain whether the cloth's grain has to run alike in all of them
   * @param stocks of {@link #WEB} and of {@link #COVER}
   */
  public static PatchSet lay(
      PatchLines lines,
      int copies,
      double kerf,
      boolean grain,
      List<Stock> stocks,
      LayRules mat,
      Progress progress) {
    LayRules rules = new LayRules(kerf, mat.margin(), mat.matWidth(), mat.matLength());
    return new PatchSet(
        lines,
        Layouts.lay(pieces(WEB, lines.web(), copies, true), of(WEB, stocks), rules, progress),
        Layouts.lay(
            pieces(COVER, lines.cover(), copies, !grain), of(COVER, stocks), rules, progress));
  }

  private static List<Stock> of(String material, List<Stock> stocks) {
    return stocks.stream().filter(stock -> stock.material().equals(material)).toList();
  }

  private static List<Piece> pieces(
      String material, MultiPolygon shape, int copies, boolean turnable) {
    Envelope size = shape.getEnvelopeInternal();
    return IntStream.rangeClosed(1, copies)
        .mapToObj(
            n ->
                new Piece(
                    material + "-" + n, material, size.getWidth(), size.getHeight(), turnable))
        .toList();
  }

  /** The sheets to cut, those of the web first. */
  public List<DrawnPage> pages() {
    List<DrawnPage> pages = new ArrayList<>();
    sheets(web, lines.web(), LineRole.KISS_CUT, "drawn.web", pages);
    sheets(cover, lines.cover(), LineRole.CUT, "drawn.cover", pages);
    return pages;
  }

  private static void sheets(
      Layout layout, MultiPolygon shape, LineRole role, String name, List<DrawnPage> pages) {
    int number = 0;
    for (Mat mat : layout.mats()) {
      number++;
      double width = mat.stocks().stream().mapToDouble(s -> s.at().right()).max().orElse(0);
      double height = mat.stocks().stream().mapToDouble(s -> s.at().bottom()).max().orElse(0);
      List<Mark> marks = new ArrayList<>();
      for (Mat.LaidStock stock : mat.stocks()) {
        Geometry edge =
            Grid.rectangle(stock.at().x(), stock.at().y(), stock.at().width(), stock.at().height());
        marks.add(new Mark.Lines(LineRole.EDGE, edge));
      }
      List<Polygon> cut = new ArrayList<>();
      for (PlacedPiece piece : mat.pieces()) {
        cut.addAll(Grid.polygons(OnMat.placed(shape, shape.getEnvelopeInternal(), piece, false)));
      }
      marks.add(new Mark.Lines(role, Grid.of(cut)));
      pages.add(
          new DrawnPage(
              Sentence.of(name, number, layout.mats().size(), mat.pieces().size()),
              width,
              height,
              marks));
    }
  }
}
