package velvetkettle.server.cut;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.out.TrueSize;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/**
 * Mats and printed pages as a PDF, 1:1. Below each stands a bar of 100 mm: where it measures
 * otherwise, the printer scaled it.
 */
@Component
class MatPaper {
  private static final float POINTS = 72 / 25.4f;

  /** Room below a mat for its bar and its name, mm. */
  private static final float FOOT = 20;

  private static final float BAR = 100;
  private static final float SIZE = 9;

  private final Speech speech;

  MatPaper(Speech speech) {
    this.speech = speech;
  }

  byte[] write(CutForm form, KeptLayout kept, CutFiles files, Units units) {
    try (PDDocument document = new PDDocument()) {
      PDFont font = font(document);
      String bar = speech.say(Sentence.of("cut.paper.bar"), units);
      List<Mat> mats = kept.layout().mats();
      for (int i = 0; i < mats.size(); i++) {
        page(
            document,
            font,
            (float) form.lay().matWidth(),
            (float) form.lay().matLength(),
            files.onMat(form, mats.get(i)),
            speech.say(Sentence.of("cut.paper.mat", i + 1, mats.size()), units),
            bar);
      }
      for (KeptLayout.DesignPrints prints : kept.prints()) {
        CutForm.Design design = form.design(prints.decoration()).orElseThrow();
        List<?> pages = prints.job().pages();
        for (int i = 0; i < pages.size(); i++) {
          page(
              document,
              font,
              (float) prints.job().page().width(),
              (float) prints.job().page().height(),
              files.onPage(design, prints.job().pages().get(i), true),
              speech.say(Sentence.of("cut.paper.page", i + 1, pages.size()), units),
              bar);
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static PDFont font(PDDocument document) throws IOException {
    try (InputStream face = MatPaper.class.getResourceAsStream(Faces.file(Face.PLAIN))) {
      return PDType0Font.load(document, Objects.requireNonNull(face));
    }
  }

  private static void page(
      PDDocument document,
      PDFont font,
      float width,
      float height,
      List<TrueSize.Filled> shapes,
      String name,
      String bar)
      throws IOException {
    float wide = Math.max(width, BAR + 20);
    PDPage page = new PDPage(new PDRectangle(wide * POINTS, (height + FOOT) * POINTS));
    document.addPage(page);
    try (PDPageContentStream out = new PDPageContentStream(document, page)) {
      out.setStrokingColor(new Color(0xb0a8a4));
      out.setLineWidth(0.5f);
      out.addRect(0, FOOT * POINTS, width * POINTS, height * POINTS);
      out.stroke();
      for (TrueSize.Filled shape : shapes) {
        fill(out, shape, height + FOOT);
      }
      foot(out, font, name + " " + bar);
    }
  }

  private static void fill(PDPageContentStream out, TrueSize.Filled shape, float height)
      throws IOException {
    out.setNonStrokingColor(Color.decode(shape.colour()));
    for (Polygon polygon : Grid.polygons(shape.area())) {
      ring(out, polygon.getExteriorRing(), height);
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        ring(out, polygon.getInteriorRingN(i), height);
      }
      out.fillEvenOdd();
    }
  }

  private static void ring(PDPageContentStream out, LinearRing ring, float height)
      throws IOException {
    Coordinate[] points = ring.getCoordinates();
    for (int i = 0; i < points.length - 1; i++) {
      float x = (float) points[i].x * POINTS;
      float y = (height - (float) points[i].y) * POINTS;
      if (i == 0) {
        out.moveTo(x, y);
      } else {
        out.lineTo(x, y);
      }
    }
    out.closePath();
  }

  private static void foot(PDPageContentStream out, PDFont font, String words) throws IOException {
    float x = 10 * POINTS;
    float y = 8 * POINTS;
    out.setNonStrokingColor(Color.BLACK);
    out.addRect(x, y, BAR * POINTS, POINTS);
    for (int i = 0; i <= 10; i++) {
      out.addRect(x + i * 10 * POINTS - 0.25f, y, 0.5f, 3 * POINTS);
    }
    out.fill();
    out.beginText();
    out.setFont(font, SIZE);
    out.newLineAtOffset(x, 3 * POINTS);
    out.showText(words);
    out.endText();
  }
}
