package velvetkettle.core.cut.letter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.Drawn;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.weed.WeedLimits;
import velvetkettle.core.cut.weed.WeedReading;
import velvetkettle.core.cut.weed.Weeding;
import velvetkettle.core.media.MediaCatalogue;

class LettersTest {
  private static final WeedLimits LIMITS =
      WeedLimits.of(MediaCatalogue.TRADE.get("film-smooth"), false);

  /** An H in four splinters that cracks of half a millimetre part, beside a sound bar. */
  private static final String WORN =
      "<rect x='10' y='10' width='4' height='15'/><rect x='10' y='25.5' width='4' height='14.5'/>"
          + "<rect x='14.5' y='23' width='9' height='0.6'/>"
          + "<rect x='24' y='10' width='4' height='30'/><rect x='40' y='10' width='6' height='30'/>";

  @Test
  void aBrokenLetterIsFoundWithItsBox() {
    MultiPolygon area = Drawn.art(WORN).area("#000000");
    WeedReading read = Weeding.read(area, LIMITS, Progress.NONE);
    List<BrokenShape> broken = BrokenShapes.of(area, read.faults());
    assertThat(broken).hasSize(1);
    LetterBox box = broken.get(0).box();
    assertThat(broken.get(0).pieces()).hasSize(4);
    assertThat(box.x()).isCloseTo(0, within(1e-3));
    assertThat(box.width()).isCloseTo(18, within(1e-3));
    assertThat(box.height()).isCloseTo(30, within(1e-3));
  }

  @Test
  void lettersFillTheBoxAndTakeThePlaceOfWhatStoodThere() {
    MultiPolygon area = Drawn.art(WORN).area("#000000");
    LetterBox box = new LetterBox(0, 0, 18, 30, 30);
    Path2D.Double h = new Path2D.Double();
    h.append(new Rectangle2D.Double(5, -70, 20, 70), false);
    h.append(new Rectangle2D.Double(45, -70, 20, 70), false);
    h.append(new Rectangle2D.Double(20, -45, 30, 20), false);
    LetterSetting.Set set = LetterSetting.into(box, h);
    Envelope placed = set.letters().getEnvelopeInternal();
    assertThat(placed.getMinX()).isCloseTo(0, within(1e-3));
    assertThat(placed.getMaxX()).isCloseTo(18, within(1e-3));
    assertThat(placed.getMinY()).isCloseTo(0, within(1e-3));
    assertThat(placed.getMaxY()).isCloseTo(30, within(1e-3));
    assertThat(set.stretched()).isCloseTo((18 / 60.0) / (30 / 70.0), within(1e-9));
    MultiPolygon mended = LetterSetting.replaced(area, box, set.letters());
    assertThat(mended.getNumGeometries()).isEqualTo(2);
    assertThat(Weeding.read(mended, LIMITS, Progress.NONE).clean()).isTrue();
  }

  @Test
  void whatHangsBelowTheLineHangsThere() {
    Path2D.Double p = new Path2D.Double();
    p.append(new Rectangle2D.Double(0, -50, 10, 70), false);
    Envelope placed =
        LetterSetting.into(new LetterBox(5, 5, 4, 14, 10), p).letters().getEnvelopeInternal();
    assertThat(placed.getMinY()).isCloseTo(5, within(1e-3));
    assertThat(placed.getMaxY()).isCloseTo(19, within(1e-3));
  }

  @Test
  void aBoxHasItsLineWithin() {
    assertThatThrownBy(() -> new LetterBox(0, 0, 10, 10, 12))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> LetterSetting.into(new LetterBox(0, 0, 9, 9, 9), new Path2D.Double()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aSoundDesignHasNothingBroken() {
    MultiPolygon area = Drawn.art("<circle cx='30' cy='30' r='20'/>").area("#000000");
    WeedReading read = Weeding.read(area, LIMITS, Progress.NONE);
    assertThat(BrokenShapes.of(area, read.faults())).isEmpty();
  }
}
