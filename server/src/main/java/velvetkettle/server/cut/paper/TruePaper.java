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

  /** Room below a page for its bar and its name, mm. */
  public static final float FOOT = 20;

  private static final float BAR = 100;
  private static final float SIZE = 9;

  /** Arm of a Bézier curve for a quarter of a circle. */
  private static final float ARM = 0.5522848f;

  private TruePaper() {}

  /** The plain face, whose words stand in the foot. */
  public static PDFont font(PDDocument document) throws IOException {
    try (InputStream face = TruePaper.class.getResourceAsStream("/faces/plain.ttf")) {
      return PDType0Font.load(document, Objects.requireNonNull(face));
    }
  }

  /** A new page with its edge, and room for the foot below it. */
  public static PDPageContentStream page(PDDocument document, float width, float height)
      throws IOException {
    float wide = Math.max(width, BAR + 20);
    PDPage page = new PDPage(new PDRectangle(wide * POINTS, (height + FOOT) * POINTS));
    document.addPage(page);
    PDPageContentStream out = new PDPageContentStream(document, page);
    out.setStrokingColor(new Color(0xb0a8a4));
    out.setLineWidth(0.5f);
    out.addRect(0, FOOT * POINTS, width * POINTS, height * POINTS);
    out.stroke();
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

  /** The bar, and two lines of words: what it is, and what its lines are for. */
  public static void foot(PDPageContentStream out, PDFont font, String words, String legend)
      throws IOException {
    float x = 10 * POINTS;
    float y = 10 * POINTS;
    out.setNonStrokingColor(Color.BLACK);
    out.addRect(x, y, BAR * POINTS, POINTS);
    for (int i = 0; i <= 10; i++) {
      out.addRect(x + i * 10 * POINTS - 0.25f, y, 0.5f, 3 * POINTS);
    }
    out.fill();
    say(out, font, x, 6 * POINTS, words);
    say(out, font, x, 2 * POINTS, legend);
  }

  private static void say(PDPageContentStream out, PDFont font, float x, float y, String words)
      throws IOException {
    if (words.isEmpty()) {
      return;
    }
    out.beginText();
    out.setFont(font, SIZE);
    out.newLineAtOffset(x, y);
    out.showText(words);
    out.endText();
  }
}
