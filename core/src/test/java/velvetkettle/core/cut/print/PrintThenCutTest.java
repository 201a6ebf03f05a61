package velvetkettle.core.cut.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.Drawn;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;

class PrintThenCutTest {
  /** A border of 3 round a rectangle: Steiner's formula for the area of a parallel body. */
  @Test
  void aBorderGrowsTheOutline() {
    CutLine line = CutLine.round(Drawn.art("<rect width='60' height='40'/>"), 3);
    assertThat(line.inside().getArea())
        .isCloseTo(2400 + 3 * 200 + Math.PI * 9, Percentage.withPercentage(0.05));
    assertThat(line.needsMask()).isFalse();
  }

  @Test
  void atTheEdgeItIsTheOutlineAndBelowZeroItCutsIntoThePrint() {
    assertThat(CutLine.round(Drawn.art("<rect width='60' height='40'/>"), 0).inside().getArea())
        .isCloseTo(2400, within(1e-3));
    assertThat(CutLine.round(Drawn.art("<rect width='60' height='40'/>"), -1).inside().getArea())
        .isCloseTo(58 * 38, within(1e-3));
  }

  @Test
  void severalPartsNeedAMaskUntilTheirBordersMeet() {
    String two = "<rect width='20' height='20'/><rect x='24' width='20' height='20' fill='red'/>";
    assertThat(CutLine.round(Drawn.art(two), 0).needsMask()).isTrue();
    assertThat(CutLine.round(Drawn.art(two), 1).parts()).isEqualTo(2);
    assertThat(CutLine.round(Drawn.art(two), 2.1).needsMask()).isFalse();
  }

  @Test
  void smallHolesAreNotCutOut() {
    String holed = "<path fill-rule='evenodd' d='M0 0H60V60H0ZM10 10h2v2h-2zM30 30h10v10h-10z'/>";
    assertThat(CutLine.round(Drawn.art(holed), 0).inside().getArea()).isCloseTo(3500, within(1e-3));
  }

  @Test
  void printsLieBetweenTheMarks() {
    CutLine line = CutLine.round(Drawn.art("<rect width='60' height='40'/>"), 2);
    PrintJob job = PrintPages.lay(line, 20, Paper.A4, Progress.NONE);
    assertThat(job.left()).isEmpty();
    List<PlacedPiece> all = new ArrayList<>();
    for (List<PlacedPiece> page : job.pages()) {
      all.addAll(page);
      for (PlacedPiece print : page) {
        assertThat(Paper.A4.free().holds(print.at())).isTrue();
        Paper.A4.marks().forEach(mark -> assertThat(mark.overlaps(print.at())).isFalse());
      }
    }
    assertThat(all).hasSize(20);
    assertThat(job.pages()).hasSize(2);
  }

  @Test
  void marksLieOnThePageAndTellWhichWayUp() {
    List<Rectangle> marks = Paper.A4.marks();
    Rectangle page = new Rectangle(0, 0, 210, 297);
    assertThat(marks).hasSize(5).allMatch(page::holds);
    List<Rectangle> upsideDown =
        marks.stream()
            .map(m -> new Rectangle(210 - m.right(), 297 - m.bottom(), m.width(), m.height()))
            .toList();
    assertThat(upsideDown).isNotEqualTo(marks);
  }

  @Test
  void aPrintLargerThanThePageIsLeft() {
    CutLine line = CutLine.round(Drawn.art("<rect width='60' height='40'/>").wide(400), 2);
    PrintJob job = PrintPages.lay(line, 1, Paper.A4, Progress.NONE);
    assertThat(job.left()).hasSize(1);
    assertThat(job.pages()).isEmpty();
  }

  @Test
  void bordersAndPagesHaveBounds() {
    assertThatThrownBy(() -> CutLine.round(Drawn.art("<rect width='9' height='9'/>"), 31))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Paper(60, 60, 30)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Paper(Double.NaN, 60, 3))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
