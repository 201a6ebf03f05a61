package velvetkettle.server.cut;

import java.awt.geom.Ellipse2D;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.ColourLayer;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.out.Dxf;
import velvetkettle.core.cut.out.OnMat;
import velvetkettle.core.cut.out.TrueSize;
import velvetkettle.core.cut.print.CutLine;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.speech.Units;
import velvetkettle.server.table.SpreadsheetCell;

/** Writes what goes to the cutter and the printer, at true size. */
@Component
class CutFiles {
  private static final Pattern MAT = Pattern.compile("mat-(\\d{1,3})-([0-9a-f]{6})\\.(svg|dxf)");
  private static final Pattern PAGE = Pattern.compile("(page|cut-line)-(\\d{1,3})\\.(svg|dxf)");
  private static final String MARK = "#000000";

  private final CutService cuts;
  private final Designs designs;
  private final MatPaper paper;

  CutFiles(CutService cuts, Designs designs, MatPaper paper) {
    this.cuts = cuts;
    this.designs = designs;
    this.paper = paper;
  }

  record CutFile(String name, String type, byte[] bytes) {}

  CutFile file(UUID ticketId, String name, Units units) {
    CutForm form = cuts.cut(ticketId).form();
    KeptLayout kept = cuts.layout(ticketId);
    Matcher mat = MAT.matcher(name);
    Matcher page = PAGE.matcher(name);
    if (mat.matches()) {
      int number = Integer.parseInt(mat.group(1));
      return written(name, mat(form, kept, number, "#" + mat.group(2)));
    }
    if (page.matches()) {
      return written(name, page(form, kept, Integer.parseInt(page.group(2)), page.group(1), name));
    }
    return switch (name) {
      case "mats.pdf" -> new CutFile(name, "application/pdf", paper.write(form, kept, this, units));
      case "pieces.csv" ->
          new CutFile(
              name, "text/csv;charset=utf-8", pieces(kept).getBytes(StandardCharsets.UTF_8));
      default -> throw new NotFoundException("file", name);
    };
  }

  /** Areas at true size, in the format that the name ends with. */
  private record Sheet(double width, double height, List<TrueSize.Filled> shapes) {
    String svg() {
      return TrueSize.svg(width, height, shapes);
    }

    String dxf() {
      List<Mark> marks =
          shapes.stream()
              .<Mark>map(shape -> new Mark.Filled(LineRole.CUT, shape.colour(), shape.area()))
              .toList();
      return Dxf.of(new DrawnPage(Sentence.of("drawn.page", 1, 1), width, height, marks));
    }
  }

  private static CutFile written(String name, Sheet sheet) {
    boolean svg = name.endsWith(".svg");
    String text = svg ? sheet.svg() : sheet.dxf();
    return new CutFile(
        name, svg ? "image/svg+xml" : "image/vnd.dxf", text.getBytes(StandardCharsets.UTF_8));
  }

  private Sheet mat(CutForm form, KeptLayout kept, int number, String colour) {
    List<Mat> mats = kept.layout().mats();
    if (number < 1 || number > mats.size()) {
      throw new NotFoundException("mat", number);
    }
    List<TrueSize.Filled> shapes = new ArrayList<>();
    for (TrueSize.Filled shape : onMat(form, mats.get(number - 1))) {
      if (shape.colour().equals(colour)) {
        shapes.add(shape);
      }
    }
    if (shapes.isEmpty()) {
      throw new NotFoundException("colour", colour);
    }
    return new Sheet(form.lay().matWidth(), form.lay().matLength(), shapes);
  }

  /** All that is cut on a mat, as the cutter sees it. */
  List<TrueSize.Filled> onMat(CutForm form, Mat mat) {
    Map<String, Art> arts = new HashMap<>();
    List<TrueSize.Filled> shapes = new ArrayList<>();
    for (PlacedPiece placed : mat.pieces()) {
      CutPiece piece = CutPiece.of(placed.piece().id());
      CutForm.Design design =
          form.design(piece.decoration())
              .orElseThrow(() -> new NotFoundException("design", piece.decoration()));
      MultiPolygon area =
          arts.computeIfAbsent(piece.decoration(), d -> designs.art(design)).area(piece.colour());
      ColourLayer layer = new ColourLayer(piece.colour(), area);
      boolean mirrored = Designs.isMirrored(designs.medium(design, layer));
      shapes.add(
          new TrueSize.Filled(
              OnMat.placed(area, area.getEnvelopeInternal(), placed, mirrored), piece.colour()));
    }
    return shapes;
  }

  /** A page to print, or the lines to cut on it; pages of all prints are numbered through. */
  private Sheet page(CutForm form, KeptLayout kept, int number, String kind, String name) {
    int before = 0;
    for (KeptLayout.DesignPrints prints : kept.prints()) {
      int pages = prints.job().pages().size();
      if (number > before && number <= before + pages) {
        Paper page = prints.job().page();
        CutForm.Design design =
            form.design(prints.decoration())
                .orElseThrow(() -> new NotFoundException("design", prints.decoration()));
        List<TrueSize.Filled> shapes = new ArrayList<>();
        page.marks().forEach(mark -> shapes.add(new TrueSize.Filled(disc(mark), MARK)));
        shapes.addAll(
            onPage(design, prints.job().pages().get(number - before - 1), kind.equals("page")));
        return new Sheet(page.width(), page.height(), shapes);
      }
      before += pages;
    }
    throw new NotFoundException("file", name);
  }

  /**
   * @param printed whether the art is asked for, or the line that it is cut along
   */
  List<TrueSize.Filled> onPage(CutForm.Design design, List<PlacedPiece> prints, boolean printed) {
    Art art = designs.art(design);
    MultiPolygon line = CutLine.round(art, design.print().border()).inside();
    boolean mirrored = Designs.isMirrored(designs.medium(design));
    Envelope frame = line.getEnvelopeInternal();
    List<TrueSize.Filled> shapes = new ArrayList<>();
    for (PlacedPiece print : prints) {
      if (printed) {
        art.layers()
            .forEach(
                layer ->
                    shapes.add(
                        new TrueSize.Filled(
                            OnMat.placed(layer.area(), frame, print, mirrored), layer.colour())));
      } else {
        shapes.add(new TrueSize.Filled(OnMat.placed(line, frame, print, mirrored), MARK));
      }
    }
    return shapes;
  }

  static MultiPolygon disc(Rectangle mark) {
    return Rings.area(
        Flattening.rings(new Ellipse2D.Double(mark.x(), mark.y(), mark.width(), mark.height())),
        FillRule.NON_ZERO);
  }

  private static String pieces(KeptLayout kept) {
    StringWriter out = new StringWriter();
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setHeader(
                "mat",
                "design",
                "colour",
                "copy",
                "of",
                "material",
                "x mm",
                "y mm",
                "width mm",
                "height mm",
                "turned")
            .get();
    Map<String, String> names = new HashMap<>();
    kept.stocks().forEach(stock -> names.put(stock.material(), stock.name()));
    Map<String, Integer> count = new HashMap<>();
    for (Mat mat : kept.layout().mats()) {
      for (PlacedPiece placed : mat.pieces()) {
        CutPiece piece = CutPiece.of(placed.piece().id());
        count.merge(piece.decoration() + piece.colour(), 1, Integer::sum);
      }
    }
    try (CSVPrinter csv = new CSVPrinter(out, format)) {
      for (int i = 0; i < kept.layout().mats().size(); i++) {
        for (PlacedPiece placed : kept.layout().mats().get(i).pieces()) {
          CutPiece piece = CutPiece.of(placed.piece().id());
          csv.printRecord(
              i + 1,
              piece.decoration(),
              piece.colour(),
              piece.copy(),
              count.get(piece.decoration() + piece.colour()),
              SpreadsheetCell.neutral(names.getOrDefault(placed.piece().material(), "")),
              tenths(placed.at().x()),
              tenths(placed.at().y()),
              tenths(placed.at().width()),
              tenths(placed.at().height()),
              placed.turned() ? "yes" : "no");
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String tenths(double millimetres) {
    return String.format(Locale.ROOT, "%.1f", millimetres);
  }
}
