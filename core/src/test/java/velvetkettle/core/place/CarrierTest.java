package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

class CarrierTest {
  private static Carrier carrier(String name, double x, double y, double round) {
    return new Carrier(name, GarmentFace.FRONT, new Area(x, y, 80, 40), round);
  }

  /** A crest, and a name 7 mm below it: carriers of 5 mm each are 3 mm too much. */
  @Test
  void aNameBelowACrest() {
    assertThat(
            Carrier.overOneAnother(
                List.of(carrier("crest", -40, 80, 5), carrier("name", -40, 127, 5))))
        .containsExactly(
            Sentence.of("place.carriers", "crest", "name", Millimetres.of(3), Millimetres.of(3.5)));
  }

  @Test
  void neitherFarApartNorOnAnotherFaceNorOnOneAnother() {
    Carrier crest = carrier("crest", -40, 80, 5);
    assertThat(Carrier.overOneAnother(List.of(crest, carrier("name", -40, 130, 5)))).isEmpty();
    assertThat(
            Carrier.overOneAnother(
                List.of(crest, new Carrier("name", GarmentFace.BACK, crest.art(), 5))))
        .isEmpty();
    assertThat(Carrier.overOneAnother(List.of(crest, carrier("trim", -30, 90, 5)))).isEmpty();
  }

  /** Against rectangles of the JDK that are grown and laid over one another. */
  @Test
  @DisplayName("told just where the grown rectangles overlap, and trimmed as told they do not")
  void againstRectangles() {
    Random random = new Random(8);
    int told = 0;
    for (int n = 0; n < 3000; n++) {
      Carrier one =
          carrier("one", random.nextInt(60) / 2.0, random.nextInt(60) / 2.0, random.nextInt(7));
      Carrier other =
          carrier(
              "other", 60 + random.nextInt(80) / 2.0, random.nextInt(200) / 2.0, random.nextInt(7));
      List<Sentence> said = Carrier.overOneAnother(List.of(one, other));
      boolean art = grown(one, 0.05).intersects(grown(other, 0.05));
      if (!art) {
        assertThat(!said.isEmpty())
            .isEqualTo(overlap(grown(one, one.round()), grown(other, other.round())));
      }
      if (!said.isEmpty()) {
        told++;
        double trimmed = ((Millimetres) said.get(0).arguments().get(3)).count();
        assertThat(overlap(grown(one, trimmed), grown(other, trimmed))).isFalse();
      }
    }
    assertThat(told).isBetween(100, 2000);
  }

  private static boolean overlap(Rectangle2D one, Rectangle2D other) {
    Rectangle2D both = one.createIntersection(other);
    return both.getWidth() > 0.05 && both.getHeight() > 0.05;
  }

  private static Rectangle2D grown(Carrier carrier, double by) {
    Area art = carrier.art();
    return new Rectangle2D.Double(
        art.x() - by, art.y() - by, art.width() + 2 * by, art.height() + 2 * by);
  }
}
