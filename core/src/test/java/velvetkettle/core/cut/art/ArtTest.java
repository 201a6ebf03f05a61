package velvetkettle.core.cut.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import velvetkettle.core.cut.Drawn;

class ArtTest {
  private static final String FLAG =
      "<rect x='10' y='10' width='60' height='40' fill='#1d3c6e'/>"
          + "<rect x='30' y='10' width='10' height='40' fill='#fff'/>"
          + "<rect x='10' y='25' width='60' height='10' fill='#fff'/>"
          + "<circle cx='35' cy='30' r='3' fill='#1d3c6f'/>";

  @Test
  void aColourIsCutAwayWhereAnotherLies() {
    Art art = Art.of(Drawn.drawing(FLAG), Overlap.SIDE_BY_SIDE, colour -> colour);
    double white = 10 * 40 + 60 * 10 - 100 - Math.PI * 9;
    assertThat(art.area("#ffffff").getArea()).isCloseTo(white, within(0.01));
    assertThat(art.area("#1d3c6e").getArea()).isCloseTo(2400 - 900, within(0.01));
    assertThat(art.bounds().getMinX()).isZero();
    assertThat(art.bounds().getWidth()).isCloseTo(60, within(1e-3));
  }

  @Test
  void layeredALowerColourStaysWhole() {
    Art art = Art.of(Drawn.drawing(FLAG), Overlap.LAYERED, colour -> colour);
    assertThat(art.area("#1d3c6e").getArea()).isCloseTo(2400, within(0.01));
    assertThat(art.layers())
        .extracting(ColourLayer::colour)
        .containsExactly("#1d3c6e", "#ffffff", "#1d3c6f");
  }

  @Test
  void whatIsWhollyCoveredIsNotCutAtAll() {
    String covered =
        "<rect width='20' height='20' fill='red'/><rect width='30' height='30' fill='blue'/>";
    for (Overlap overlap : Overlap.values()) {
      assertThat(Art.of(Drawn.drawing(covered), overlap, colour -> colour).layers())
          .extracting(ColourLayer::colour)
          .containsExactly("#0000ff");
    }
  }

  @Test
  void nearColoursAreFoundAndBecomeOne() {
    List<String> colours = Colours.of(Drawn.drawing(FLAG));
    assertThat(colours).containsExactly("#1d3c6e", "#ffffff", "#1d3c6f");
    assertThat(Colours.near(colours)).isEqualTo(Map.of("#1d3c6f", "#1d3c6e"));
    Art merged =
        Art.of(
            Drawn.drawing(FLAG),
            Overlap.SIDE_BY_SIDE,
            colour -> Colours.near(colours).getOrDefault(colour, colour));
    assertThat(merged.layers()).hasSize(2);
    assertThat(merged.area("#1d3c6e").getArea()).isCloseTo(1500 + Math.PI * 9, within(0.01));
  }

  @Test
  void madeWiderItKeepsItsProportions() {
    Art wide = Drawn.art(FLAG).wide(180);
    assertThat(wide.bounds().getWidth()).isCloseTo(180, within(1e-3));
    assertThat(wide.bounds().getHeight()).isCloseTo(120, within(1e-3));
    assertThat(wide.area("#1d3c6e").getArea()).isCloseTo(9 * 1500, within(0.1));
  }

  /** A bar of 40 by 10 with a block of 10 by 30 below its left end: by the areas of the two. */
  @Test
  @DisplayName("the middle of what is seen is that of its areas, whatever lies on whatever")
  void centre() {
    String shape = "<path d='M0 0H40V10H10V40H0Z'/>";
    double x = (400 * 20 + 300 * 5) / 700.0;
    double y = (400 * 5 + 300 * 25) / 700.0;
    Coordinate alone = Drawn.art(shape).centre(Overlap.SIDE_BY_SIDE);
    assertThat(alone.x).isCloseTo(x, within(1e-3));
    assertThat(alone.y).isCloseTo(y, within(1e-3));
    String dot = "<rect x='30' y='2' width='6' height='6' fill='#ffffff'/>";
    for (Overlap overlap : Overlap.values()) {
      Coordinate both =
          Art.of(Drawn.drawing(shape + dot), overlap, colour -> colour).centre(overlap);
      assertThat(both.x).isCloseTo(x, within(1e-3));
      assertThat(both.y).isCloseTo(y, within(1e-3));
    }
  }
}
