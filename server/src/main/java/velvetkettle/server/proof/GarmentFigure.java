package velvetkettle.server.proof;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.place.Outline;
import velvetkettle.core.place.Point;

/** One face of a garment, to scale, with what lies on it and how far from the collar. */
final class GarmentFigure {
  private static final Color LINE = new Color(0x8a7a70);
  private static final Color MEASURE = new Color(0x2f4d69);

  private final Sheet sheet;
  private final Area bounds;
  private final float left;
  private final float top;
  private final float scale;

  /**
   * @param left of its frame on the page, pt
   * @param top likewise, from the lower edge of the paper
   * @param width of the frame
   * @param height likewise
   */
  GarmentFigure(Sheet sheet, Outline outline, float left, float top, float width, float height) {
    this.sheet = sheet;
    this.top = top;
    bounds = outline.bounds();
    scale = (float) Math.min(width / bounds.width(), height / bounds.height());
    this.left = left + (float) (width - bounds.width() * scale) / 2;
  }

  /** A thing on it with the number that it has in the list. */
  record DrawnArt(int number, Area area, Color colour, Color ink) {}

  void draw(Outline outline, Color cloth, List<DrawnArt> things) throws IOException {
    PDPageContentStream page = sheet.drawing();
    page.setLineWidth(0.8f);
    page.setStrokingColor(LINE);
    page.setNonStrokingColor(cloth);
    path(page, outline);
    page.closeAndFillAndStroke();
    dashed(page, 0, bounds.y(), 0, bounds.bottom(), LINE);
    for (DrawnArt thing : things) {
      draw(page, thing);
    }
  }

  private void draw(PDPageContentStream page, DrawnArt thing) throws IOException {
    Area area = thing.area();
    page.setNonStrokingColor(thing.colour());
    page.setStrokingColor(LINE);
    page.addRect(
        x(area.x()), y(area.bottom()), (float) area.width() * scale, (float) area.height() * scale);
    page.fillAndStroke();
    dashed(page, area.middle(), 0, area.middle(), area.y(), MEASURE);
    dashed(page, 0, area.y(), area.middle(), area.y(), MEASURE);
    sheet.write(
        String.valueOf(thing.number()),
        9,
        x(area.middle()) - 3,
        y(area.y() + area.height() / 2) - 3,
        thing.ink());
  }

  private void path(PDPageContentStream page, Outline outline) throws IOException {
    Point first = outline.points().get(0);
    page.moveTo(x(first.x()), y(first.y()));
    for (Point corner : outline.points()) {
      page.lineTo(x(corner.x()), y(corner.y()));
    }
  }

  private void dashed(
      PDPageContentStream page, double x, double y, double toX, double toY, Color ink)
      throws IOException {
    page.setStrokingColor(ink);
    page.setLineDashPattern(new float[] {2, 2}, 0);
    page.moveTo(x(x), y(y));
    page.lineTo(x(toX), y(toY));
    page.stroke();
    page.setLineDashPattern(new float[0], 0);
  }

  private float x(double mm) {
    return left + (float) (mm - bounds.x()) * scale;
  }

  private float y(double mm) {
    return top - (float) (mm - bounds.y()) * scale;
  }
}
