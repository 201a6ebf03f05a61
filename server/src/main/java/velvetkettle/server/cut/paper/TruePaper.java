package velvetkettle.server.cut.paper;

import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Grid;

/**
 * Draws on a page of a PDF in millimetres. Below each page stands a bar of 100 mm: where it
 * measures otherwise, the printer scaled it. Heights are counted from the bottom of the page, foot
 * and all.
 */
public final class TruePaper {
  private static final float POINTS = 72 / 25.4f;

  /** Room below a drawing for its bar and its name, mm. */
  public static final float FOOT = 20;

  /**
   * A sheet of the printer has its foot within its own margin, so that it stays as large as it is.
   */
  public static final float NO_FOOT = 0;

  /** The least margin that a foot fits into, mm. */
  public static final double MARGIN_FOR_FOOT = 8;

  private static final float BAR = 100;
  private static final float SIZE = 9;
  private static final float SMALL = 6.5f;

  /** Arm of a Bézier curve for a quarter of a circle. */
  private static final float ARM = 0.5522848f;

  private TruePaper() {}

  /** The plain face, whose words stand in the foot. */
  public static PDFont font(PDDocument document) throws IOException {
    try (InputStream face = TruePaper.class.getResourceAsStream("/faces/plain.ttf")) {
      return PDType0Font.load(document, Objects.requireNonNull(face));
    }
  }

  /**
   * A new page.
   *
   * @param foot {@link #FOOT} for a drawing, which has its edge drawn and its foot below it; {@link
   *     #NO_FOOT} for a sheet of the printer
   */
  public static PDPageContentStream page(PDDocument document, float width, float height, float foot)
      throws IOException {
    float wide = foot == NO_FOOT ? width : Math.max(width, BAR + 20);
    PDPage page = new PDPage(new PDRectangle(wide * POINTS, (height + foot) * POINTS));
    document.addPage(page);
    PDPageContentStream out = new PDPageContentStream(document, page);
    if (foot != NO_FOOT) {
      out.setStrokingColor(new Color(0xb0a8a4));
      out.setLineWidth(0.5f);
      out.addRect(0, foot * POINTS, width * POINTS, height * POINTS);
      out.stroke();
    }
    return out;
  }

  /** Areas of one colour, by the even-odd rule. */
  public static void fill(PDPageContentStream out, Geometry area, String colour, float height)
      throws IOException {
    out.setNonStrokingColor(Color.decode(colour));
    for (Polygon polygon : Grid.polygons(area)) {
      line(out, polygon.getExteriorRing(), height);
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        line(out, polygon.getInteriorRingN(i), height);
      }
      out.fillEvenOdd();
    }
  }

  /** Adds a line to the path; a closed one is closed. */
  public static void line(PDPageContentStream out, LineString line, float height)
      throws IOException {
    Coordinate[] points = line.getCoordinates();
    int end = line.isClosed() ? points.length - 1 : points.length;
    for (int i = 0; i < end; i++) {
      float x = (float) points[i].x * POINTS;
      float y = (height - (float) points[i].y) * POINTS;
      if (i == 0) {
        out.moveTo(x, y);
      } else {
        out.lineTo(x, y);
      }
    }
    if (line.isClosed()) {
      out.closePath();
    }
  }

  /** Adds a circle to the path. */
  public static void circle(PDPageContentStream out, float x, float y, float radius)
      throws IOException {
    float cx = x * POINTS;
    float cy = y * POINTS;
    float r = radius * POINTS;
    float arm = ARM * r;
    out.moveTo(cx + r, cy);
    out.curveTo(cx + r, cy + arm, cx + arm, cy + r, cx, cy + r);
    out.curveTo(cx - arm, cy + r, cx - r, cy + arm, cx - r, cy);
    out.curveTo(cx - r, cy - arm, cx - arm, cy - r, cx, cy - r);
    out.curveTo(cx + arm, cy - r, cx + r, cy - arm, cx + r, cy);
    out.closePath();
  }

  /** How a dashed line is written in words: dashes and dots. */
  public static String sample(float[] dashes) {
    StringBuilder sample = new StringBuilder();
    for (int i = 0; i < dashes.length; i += 2) {
      sample.append(dashes[i] > 2 ? "-" : ".");
    }
    return sample.append(sample).toString();
  }

  /** The bar, and below it what it is and what its lines are for. */
  public static void foot(PDPageContentStream out, PDFont font, String words, String legend)
      throws IOException {
    bar(out, 10, 3);
    say(out, font, 10, 6, SIZE, words);
    say(out, font, 10, 2, SIZE, legend);
  }

  /** The same within a margin of {@link #MARGIN_FOR_FOOT}: the words stand beside the bar. */
  public static void footInMargin(PDPageContentStream out, PDFont font, String words, String legend)
      throws IOException {
    bar(out, 6, 1.2f);
    say(out, font, 114, 6, SMALL, words);
    say(out, font, 10, 3.4f, SMALL, legend);
  }

  /**
   * @param up mm from the bottom of the page
   * @param tick how long its marks are, mm
   */
  private static void bar(PDPageContentStream out, float up, float tick) throws IOException {
    float x = 10 * POINTS;
    float y = up * POINTS;
    out.setNonStrokingColor(Color.BLACK);
    out.addRect(x, y, BAR * POINTS, tick * POINTS / 3);
    for (int i = 0; i <= 10; i++) {
      out.addRect(x + i * 10 * POINTS - 0.25f, y, 0.5f, tick * POINTS);
    }
    out.fill();
  }

  private static void say(
      PDPageContentStream out, PDFont font, float x, float y, float size, String words)
      throws IOException {
    if (words.isEmpty()) {
      return;
    }
    out.beginText();
    out.setFont(font, size);
    out.newLineAtOffset(x * POINTS, y * POINTS);
    out.showText(words);
    out.endText();
  }
}
