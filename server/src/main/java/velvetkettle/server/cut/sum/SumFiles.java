package velvetkettle.server.cut.sum;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;
import velvetkettle.core.colour.Contrast;
import velvetkettle.core.colour.Lab;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.Tiles;
import velvetkettle.core.cut.out.DrawnSvg;
import velvetkettle.core.cut.out.Dxf;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.stone.StoneCounts;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.speech.Units;

/** Writes the drawings of a sum at true size, and its stones as a table. */
@Component
class SumFiles {
  private static final Pattern PAGE = Pattern.compile("page-(\\d{1,3})\\.(svg|dxf)");

  private final DrawnPaper paper;

  SumFiles(DrawnPaper paper) {
    this.paper = paper;
  }

  record SumFile(String name, String type, byte[] bytes) {}

  /**
   * @param name page-1.svg, page-1.dxf, pages.pdf, a4.pdf, letter.pdf or stones.csv
   */
  SumFile file(Sums.Done done, String cloth, String name, Units units) {
    List<DrawnPage> pages = done.sum().pages();
    Matcher page = PAGE.matcher(name);
    if (page.matches()) {
      int number = Integer.parseInt(page.group(1));
      if (number < 1 || number > pages.size()) {
        throw new NotFoundException("page", number);
      }
      DrawnPage of = pages.get(number - 1);
      return page.group(2).equals("svg")
          ? text(name, "image/svg+xml", DrawnSvg.of(of))
          : text(name, "image/vnd.dxf", Dxf.of(of));
    }
    return switch (name) {
      case "pages.pdf" -> pdf(name, pages, false, units);
      case "a4.pdf" -> pdf(name, tiles(pages, Paper.A4), true, units);
      case "letter.pdf" -> pdf(name, tiles(pages, Paper.LETTER), true, units);
      case "stones.csv" -> {
        if (done.laid() == null) {
          throw new NotFoundException("file", name);
        }
        yield text(name, "text/csv;charset=utf-8", stones(done.laid().counts(), cloth));
      }
      default -> throw new NotFoundException("file", name);
    };
  }

  private SumFile pdf(String name, List<DrawnPage> pages, boolean sheets, Units units) {
    return new SumFile(name, "application/pdf", paper.write(pages, sheets, units));
  }

  private static SumFile text(String name, String type, String text) {
    return new SumFile(name, type, text.getBytes(StandardCharsets.UTF_8));
  }

  private static List<DrawnPage> tiles(List<DrawnPage> pages, Paper on) {
    List<DrawnPage> tiles = new ArrayList<>();
    pages.forEach(page -> tiles.addAll(Tiles.of(page, on)));
    return tiles;
  }

  private static String stones(StoneCounts counts, String cloth) {
    StringWriter out = new StringWriter();
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setHeader("size", "colour", "laid", "spare", "needed", "on the cloth")
            .get();
    try (CSVPrinter csv = new CSVPrinter(out, format)) {
      for (StoneCounts.Kind kind : counts.kinds()) {
        csv.printRecord(
            kind.size(),
            kind.colour(),
            kind.laid(),
            kind.spare(),
            kind.needed(),
            Contrast.of(Lab.of(kind.colour()), Lab.of(cloth)));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
