package velvetkettle.core.cut.print;

import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.Sheets;

/** Lays copies of a print on pages, between the marks. */
public final class PrintPages {
  private static final double SPACING = 4;

  private PrintPages() {}

  /**
   * @param copies 1 to 500
   */
  public static PrintJob lay(CutLine line, int copies, Paper page, Progress progress) {
    Envelope size = line.inside().getEnvelopeInternal();
    List<Piece> prints =
        IntStream.rangeClosed(1, copies)
            .mapToObj(
                n -> new Piece("print-" + n, "print", size.getWidth(), size.getHeight(), true))
            .toList();
    Rectangle free = page.free();
    Sheets.Filled filled = Sheets.fill(prints, free.width(), free.height(), SPACING, progress);
    List<List<PlacedPiece>> pages =
        filled.pieces().stream()
            .map(sheet -> sheet.stream().map(each -> each.moved(free.x(), free.y())).toList())
            .toList();
    return new PrintJob(page, pages, filled.left());
  }
}
