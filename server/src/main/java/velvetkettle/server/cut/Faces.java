package velvetkettle.server.cut;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.HorizontalMetricsTable;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.letter.Lettering;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;

/** Outlines of letters in the shipped faces. */
@Component
public class Faces implements Lettering {
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

  /**
   * The outline of a line of text as {@link #line} has it.
   *
   * @throws RefusedException where the face does not have all of it, or nothing of it is seen
   */
  public Path2D outline(String text, Face face) {
    Line line = line(text, face);
    if (!line.missing().isEmpty()) {
      int letter = line.missing().codePointAt(0);
      throw new RefusedException("text", Sentence.of("letters.none", Character.toString(letter)));
    }
    Path2D outline = line.outline();
    if (outline.getCurrentPoint() == null || outline.getBounds2D().getMinY() >= 0) {
      throw new RefusedException("text", Sentence.of("letters.empty"));
    }
    return outline;
  }

  @Override
  public synchronized Line line(String text, Face face) {
    TrueTypeFont font = Objects.requireNonNull(fonts.get(face));
    try {
      return line(text, font);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Line line(String text, TrueTypeFont font) throws IOException {
    CmapLookup letters = font.getUnicodeCmapLookup();
    HorizontalMetricsTable widths = font.getHorizontalMetrics();
    double unit = 1.0 / font.getUnitsPerEm();
    Path2D.Double line = new Path2D.Double();
    StringBuilder missing = new StringBuilder();
    double x = 0;
    for (int letter : text.codePoints().toArray()) {
      int glyph = letters.getGlyphId(letter);
      if (glyph == 0) {
        missing.appendCodePoint(letter);
        continue;
      }
      AffineTransform place = new AffineTransform(unit, 0, 0, -unit, x, 0);
      line.append(place.createTransformedShape(font.getGlyph().getGlyph(glyph).getPath()), false);
      x += widths.getAdvanceWidth(glyph) * unit;
    }
    return new Line(line, x, missing.toString());
  }
}
