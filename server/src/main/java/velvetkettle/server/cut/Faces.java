package velvetkettle.server.cut;

import java.awt.Shape;
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
import velvetkettle.core.cut.letter.DigitSpacing;
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

  private record Figure(Shape outline, double advance) {}

  /** Between two noughts, as the face has them. */
  private static double white(TrueTypeFont font) throws IOException {
    int nought = font.getUnicodeCmapLookup().getGlyphId('0');
    double unit = 1.0 / font.getUnitsPerEm();
    Shape outline =
        AffineTransform.getScaleInstance(unit, -unit)
            .createTransformedShape(font.getGlyph().getGlyph(nought).getPath());
    double advance = font.getHorizontalMetrics().getAdvanceWidth(nought) * unit;
    return DigitSpacing.white(outline, advance, outline);
  }

  private static Line line(String text, TrueTypeFont font) throws IOException {
    CmapLookup letters = font.getUnicodeCmapLookup();
    HorizontalMetricsTable widths = font.getHorizontalMetrics();
    double unit = 1.0 / font.getUnitsPerEm();
    Path2D.Double line = new Path2D.Double();
    StringBuilder missing = new StringBuilder();
    double x = 0;
    Figure before = null;
    for (int letter : text.codePoints().toArray()) {
      int glyph = letters.getGlyphId(letter);
      if (glyph == 0) {
        missing.appendCodePoint(letter);
        before = null;
        continue;
      }
      double advance = widths.getAdvanceWidth(glyph) * unit;
      Shape outline =
          AffineTransform.getScaleInstance(unit, -unit)
              .createTransformedShape(font.getGlyph().getGlyph(glyph).getPath());
      Figure figure = letter >= '0' && letter <= '9' ? new Figure(outline, advance) : null;
      if (figure != null && before != null) {
        x -= DigitSpacing.nearer(before.outline, before.advance, outline, white(font));
      }
      line.append(
          AffineTransform.getTranslateInstance(x, 0).createTransformedShape(outline), false);
      x += advance;
      before = figure;
    }
    return new Line(line, x, missing.toString());
  }
}
