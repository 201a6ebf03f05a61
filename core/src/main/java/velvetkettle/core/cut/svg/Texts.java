package velvetkettle.core.cut.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.letter.Lettering;

/**
 * Sets a text of a drawing in a shipped face where SVG 1.1, chapter 10, places it: every place that
 * is told begins a piece of its own, which is anchored by itself. One of it sets one text.
 */
final class Texts {
  /**
   * Of the size, how far the middle of letters is above their line [common practice, no source].
   */
  private static final double MIDDLE = 0.35;

  private final Letters letters;
  private final Face face;
  private final Lettering lettering;
  private final List<Run> runs = new ArrayList<>();
  private final StringBuilder missing = new StringBuilder();
  private double x;
  private double y;

  private Texts(Letters letters, Face face, Lettering lettering) {
    this.letters = letters;
    this.face = face;
    this.lettering = lettering;
  }

  /**
   * What of a text is painted alike.
   *
   * @param outline in the units that the text is in
   */
  record Run(Style style, Path2D outline) {}

  /**
   * @param missing letters that the face does not have
   */
  record Laid(List<Run> runs, String missing) {}

  /** Sets the letters of one text. */
  static Laid laid(Letters letters, Face face, Lettering lettering) {
    Texts texts = new Texts(letters, face, lettering);
    texts.pieces();
    return new Laid(texts.runs, texts.missing.toString());
  }

  private void pieces() {
    List<Letters.Letter> all = letters.all();
    int from = 0;
    for (int i = 1; i <= all.size(); i++) {
      if (i == all.size() || all.get(i).begins()) {
        piece(all.subList(from, i));
        from = i;
      }
    }
  }

  private void piece(List<Letters.Letter> piece) {
    if (piece.isEmpty()) {
      return;
    }
    Letters.Letter first = piece.get(0);
    x = Double.isNaN(first.x()) ? x : first.x();
    y = Double.isNaN(first.y()) ? y : first.y();
    double start = x;
    List<Run> set = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= piece.size(); i++) {
      if (i == piece.size() || !piece.get(i).follows(piece.get(i - 1))) {
        set.add(run(piece.subList(from, i)));
        from = i;
      }
    }
    double back =
        switch (first.style().get("text-anchor", "start")) {
          case "middle" -> (start - x) / 2;
          case "end" -> start - x;
          default -> 0;
        };
    AffineTransform anchored = AffineTransform.getTranslateInstance(back, 0);
    for (Run run : set) {
      run.outline().transform(anchored);
      if (run.outline().getCurrentPoint() != null) {
        runs.add(run);
      }
    }
    x += back;
  }

  /** Letters that follow one another without a word between them. */
  private Run run(List<Letters.Letter> letters) {
    Letters.Letter first = letters.get(0);
    StringBuilder text = new StringBuilder();
    letters.forEach(letter -> text.append(letter.sign()));
    x += first.dx();
    y += first.dy();
    double size = first.style().fontSize();
    Lettering.Line line = lettering.line(text.toString(), face);
    AffineTransform place = AffineTransform.getTranslateInstance(x, y + lower(first.style()));
    place.scale(size, size);
    Path2D outline = new Path2D.Double(line.outline(), place);
    missing.append(line.missing());
    x += line.advance() * size + first.apart();
    return new Run(first.style(), outline);
  }

  private static double lower(Style style) {
    String line = style.get("dominant-baseline", "");
    return line.equals("middle") || line.equals("central") ? MIDDLE * style.fontSize() : 0;
  }
}
