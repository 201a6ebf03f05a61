package velvetkettle.server.cut.sum;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryCollection;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.cut.paper.TruePaper;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/** Drawn pages as a PDF, 1:1. Each kind of line has its own dashes, which the foot names. */
@Component
class DrawnPaper {
  private static final float HAIR = 0.6f;

  private final Speech speech;

  DrawnPaper(Speech speech) {
    this.speech = speech;
  }

  /**
   * @param sheets whether each page is a sheet of the printer, and stays as large as that
   */
  byte[] write(List<DrawnPage> pages, boolean sheets, Units units) {
    if (pages.isEmpty()) {
      throw new RefusedException("pages", Sentence.of("sum.nothing-to-draw"));
    }
    try (PDDocument document = new PDDocument()) {
      PDFont font = TruePaper.font(document);
      String bar = speech.say(Sentence.of("cut.paper.bar"), units);
      float foot = sheets ? TruePaper.NO_FOOT : TruePaper.FOOT;
      for (DrawnPage page : pages) {
        try (PDPageContentStream out =
            TruePaper.page(document, (float) page.width(), (float) page.height(), foot)) {
          float height = (float) page.height() + foot;
          for (Mark mark : page.marks()) {
            draw(out, mark, height);
          }
          String name = speech.say(Sentence.of("drawn.paper", page.name()), units);
          if (sheets) {
            TruePaper.footInMargin(out, font, name, bar + " " + legend(page));
          } else {
            TruePaper.foot(out, font, name + " " + bar, legend(page));
          }
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String legend(DrawnPage page) {
    Set<LineRole> roles = EnumSet.noneOf(LineRole.class);
    page.marks().forEach(mark -> roles.add(mark.role()));
    StringBuilder legend = new StringBuilder();
    for (LineRole role : roles) {
      legend.append(legend.isEmpty() ? "" : " · ").append(speech.say(role.term()));
      legend.append(dashes(role).length == 0 ? "" : " " + TruePaper.sample(dashes(role)));
    }
    return legend.toString();
  }

  private static void draw(PDPageContentStream out, Mark mark, float height) throws IOException {
    if (mark instanceof Mark.Discs discs) {
      boolean hole = discs.role() == LineRole.HOLE;
      out.setNonStrokingColor(Color.decode(discs.colour()));
      out.setStrokingColor(Color.BLACK);
      out.setLineWidth(HAIR / 2);
      out.setLineDashPattern(new float[0], 0);
      for (Coordinate middle : discs.middles()) {
        TruePaper.circle(
            out, (float) middle.x, height - (float) middle.y, (float) discs.diameter() / 2);
        if (hole) {
          out.stroke();
        } else {
          out.fillAndStroke();
        }
      }
    } else if (mark instanceof Mark.Filled filled) {
      TruePaper.fill(out, filled.area(), filled.colour(), height);
    } else if (mark instanceof Mark.Lines lines) {
      out.setStrokingColor(Color.BLACK);
      out.setLineWidth(HAIR);
      out.setLineDashPattern(dashes(lines.role()), 0);
      stroke(out, lines.shape(), height);
    }
  }

  private static void stroke(PDPageContentStream out, Geometry shape, float height)
      throws IOException {
    if (shape instanceof Polygon polygon) {
      TruePaper.line(out, polygon.getExteriorRing(), height);
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        TruePaper.line(out, polygon.getInteriorRingN(i), height);
      }
      out.stroke();
    } else if (shape instanceof LineString line) {
      TruePaper.line(out, line, height);
      out.stroke();
    } else if (shape instanceof GeometryCollection all) {
      for (int i = 0; i < all.getNumGeometries(); i++) {
        stroke(out, all.getGeometryN(i), height);
      }
    }
  }

  /** Points on and off; none for a whole line. */
  private static float[] dashes(LineRole role) {
    return switch (role) {
      case FOLD -> new float[] {6, 3};
      case PLACEMENT -> new float[] {1, 3};
      case TACK_DOWN -> new float[] {3, 3};
      case COVER -> new float[] {10, 3};
      case WEB -> new float[] {8, 2, 1, 2};
      case STABILISER, BOARD, PLATEN -> new float[] {12, 4, 2, 4};
      case KISS_CUT -> new float[] {4, 1};
      default -> new float[0];
    };
  }
}
