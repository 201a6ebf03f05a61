package velvetkettle.server.cut;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.HorizontalMetricsTable;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;

/** Outlines of letters in the shipped faces. */
@Component
public class Faces {
  private final Map<Face, TrueTypeFont> fonts = new EnumMap<>(Face.class);

  Faces() {
    for (Face face : Face.values()) {
      try (InputStream file = Faces.class.getResourceAsStream(file(face))) {
        if (file == null) {
          throw new IllegalStateException("a face is missing: " + file(face));
        }
        fonts.put(face, new TTFParser().parse(new RandomAccessReadBuffer(file)));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /** Where a face lies among the resources. */
  static String file(Face face) {
    return "/faces/" + face.name().toLowerCase(Locale.ROOT) + ".ttf";
  }

  /** The outline of a line of text, y down and its line at 0, in units of the face. */
  public synchronized Path2D outline(String text, Face face) {
    TrueTypeFont font = fonts.get(face);
    if (font == null) {
      throw new IllegalStateException("no such face: " + face);
    }
    try {
      return outline(text, font);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Path2D outline(String text, TrueTypeFont font) throws IOException {
    CmapLookup letters = font.getUnicodeCmapLookup();
    HorizontalMetricsTable widths = font.getHorizontalMetrics();
    Path2D.Double line = new Path2D.Double();
    double x = 0;
    for (int letter : text.codePoints().toArray()) {
      int glyph = letters.getGlyphId(letter);
      if (glyph == 0) {
        throw new RefusedException("text", Sentence.of("letters.none", Character.toString(letter)));
      }
      AffineTransform place = new AffineTransform(1, 0, 0, -1, x, 0);
      line.append(place.createTransformedShape(font.getGlyph().getGlyph(glyph).getPath()), false);
      x += widths.getAdvanceWidth(glyph);
    }
    if (line.getCurrentPoint() == null || line.getBounds2D().getMinY() >= 0) {
      throw new RefusedException("text", Sentence.of("letters.empty"));
    }
    return line;
  }
}
