package velvetkettle.server.cut;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.out.TrueSize;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.cut.paper.TruePaper;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/**
 * Mats and printed pages as a PDF, 1:1. Below each stands a bar of 100 mm: where it measures
 * otherwise, the printer scaled it.
 */
@Component
class MatPaper {
  private final Speech speech;

  MatPaper(Speech speech) {
    this.speech = speech;
  }

  byte[] write(CutForm form, KeptLayout kept, CutFiles files, Units units) {
    try (PDDocument document = new PDDocument()) {
      PDFont font = TruePaper.font(document);
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
            bar,
            TruePaper.FOOT);
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
              bar,
              footOf(prints.job().page()));
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A page that is printed stays as large as the paper. */
  private static float footOf(Paper page) {
    return page.margin() >= TruePaper.MARGIN_FOR_FOOT ? TruePaper.NO_FOOT : TruePaper.FOOT;
  }

  private static void page(
      PDDocument document,
      PDFont font,
      float width,
      float height,
      List<TrueSize.Filled> shapes,
      String name,
      String bar,
      float foot)
      throws IOException {
    try (PDPageContentStream out = TruePaper.page(document, width, height, foot)) {
      for (TrueSize.Filled shape : shapes) {
        TruePaper.fill(out, shape.area(), shape.colour(), height + foot);
      }
      if (foot == TruePaper.NO_FOOT) {
        TruePaper.footInMargin(out, font, name, bar);
      } else {
        TruePaper.foot(out, font, name + " " + bar, "");
      }
    }
  }
}
