package velvetkettle.server.proof;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * An A4 document that is written from top to bottom and takes another page where one is full.
 * Lengths in points; text in the sans-serif face that comes with the PDF library, embedded.
 */
final class Sheet implements AutoCloseable {
  static final float MARGIN = 48;
  static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;

  private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
  private static final float LINE = 1.35f;

  private final PDDocument document = new PDDocument();
  private final PDFont font;
  private PDPageContentStream page;

  /** From the lower edge of the paper to where the next line hangs. */
  private float y;

  Sheet(String title) throws IOException {
    try (InputStream face = PDDocument.class.getResourceAsStream(FACE)) {
      if (face == null) {
        throw new IllegalStateException("the PDF library came without its face: " + FACE);
      }
      font = PDType0Font.load(document, face);
    }
    document.getDocumentInformation().setTitle(title);
    page = newPage();
  }

  private PDPageContentStream newPage() throws IOException {
    PDPage paper = new PDPage(PDRectangle.A4);
    document.addPage(paper);
    y = PDRectangle.A4.getHeight() - MARGIN;
    return new PDPageContentStream(document, paper);
  }

  /** Room for that much, on this page or the next. */
  void need(float height) throws IOException {
    if (y - height < MARGIN) {
      page.close();
      page = newPage();
    }
  }

  void space(float height) {
    y -= height;
  }

  float top() {
    return y;
  }

  PDPageContentStream drawing() {
    return page;
  }

  void heading(String text, float size) throws IOException {
    need(size * 3);
    text(text, size, MARGIN, WIDTH, new Color(0x2b1a29));
    space(size * 0.3f);
  }

  void paragraph(String text, float size) throws IOException {
    text(text, size, MARGIN, WIDTH, Color.BLACK);
  }

  /** Cells of one line, each wrapped within its column. */
  void row(float size, float[] widths, String... cells) throws IOException {
    List<List<String>> wrapped = new ArrayList<>();
    int lines = 1;
    for (int i = 0; i < cells.length; i++) {
      List<String> cell = wrap(cells[i], size, widths[i] - 8);
      wrapped.add(cell);
      lines = Math.max(lines, cell.size());
    }
    need(lines * size * LINE);
    float x = MARGIN;
    for (int i = 0; i < cells.length; i++) {
      float at = y - size;
      for (String line : wrapped.get(i)) {
        write(line, size, x, at, Color.BLACK);
        at -= size * LINE;
      }
      x += widths[i];
    }
    space(lines * size * LINE + 2);
  }

  private void text(String text, float size, float x, float width, Color ink) throws IOException {
    for (String line : wrap(text, size, width)) {
      need(size * LINE);
      write(line, size, x, y - size, ink);
      space(size * LINE);
    }
  }

  /** One line at a place of the page that is open. */
  void write(String text, float size, float x, float baseline, Color ink) throws IOException {
    page.beginText();
    page.setNonStrokingColor(ink);
    page.setFont(font, size);
    page.newLineAtOffset(x, baseline);
    page.showText(writable(text));
    page.endText();
  }

  float width(String text, float size) throws IOException {
    return font.getStringWidth(writable(text)) / 1000 * size;
  }

  private List<String> wrap(String text, float size, float width) throws IOException {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && width(longer, size) > width) {
        lines.add(line.toString());
        line.setLength(0);
        line.append(word);
      } else {
        line.setLength(0);
        line.append(longer);
      }
      while (width(line.toString(), size) > width && line.length() > 1) {
        int fits = fitting(line.toString(), size, width);
        lines.add(line.substring(0, fits));
        line.delete(0, fits);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  private int fitting(String word, float size, float width) throws IOException {
    int fits = word.length() - 1;
    while (fits > 1 && width(word.substring(0, fits), size) > width) {
      fits--;
    }
    return fits;
  }

  /** Signs that the face does not have become question marks. */
  private String writable(String text) {
    StringBuilder known = new StringBuilder();
    text.codePoints()
        .forEach(
            sign -> {
              String one = Character.toString(sign);
              known.append(has(one) ? one : "?");
            });
    return known.toString();
  }

  private boolean has(String sign) {
    try {
      font.encode(sign);
      return true;
    } catch (IllegalArgumentException e) {
      return false;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  byte[] finished() throws IOException {
    page.close();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    document.save(bytes);
    return bytes.toByteArray();
  }

  @Override
  public void close() throws IOException {
    document.close();
  }
}
