package velvetkettle.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourDifferenceTest {
  /**
   * The pairs of Sharma, Wu and Dalal 2005, table 1, as the tests of npm package delta-e 0.0.8 have
   * them too.
   */
  @ParameterizedTest
  @CsvSource({
    "50,2.6772,-79.7751,50,0,-82.7485,2.0425",
    "50,3.1571,-77.2803,50,0,-82.7485,2.8615",
    "50,2.8361,-74.0200,50,0,-82.7485,3.4412",
    "50,-1.3802,-84.2814,50,0,-82.7485,1.0000",
    "50,-1.1848,-84.8006,50,0,-82.7485,1.0000",
    "50,-0.9009,-85.5211,50,0,-82.7485,1.0000",
    "50,0,0,50,-1,2,2.3669",
    "50,-1,2,50,0,0,2.3669",
    "50,2.4900,-0.0010,50,-2.4900,0.0009,7.1792",
    "50,2.4900,-0.0010,50,-2.4900,0.0010,7.1792",
    "50,2.4900,-0.0010,50,-2.4900,0.0011,7.2195",
    "50,2.4900,-0.0010,50,-2.4900,0.0012,7.2195",
    "50,-0.0010,2.4900,50,0.0009,-2.4900,4.8045",
    "50,-0.0010,2.4900,50,0.0010,-2.4900,4.8045",
    "50,-0.0010,2.4900,50,0.0011,-2.4900,4.7461",
    "50,2.5,0,50,0,-2.5,4.3065",
    "50,2.5,0,73,25,-18,27.1492",
    "50,2.5,0,61,-5,29,22.8977",
    "50,2.5,0,56,-27,-3,31.9030",
    "50,2.5,0,58,24,15,19.4535",
    "50,2.5,0,50,3.1736,0.5854,1.0000",
    "50,2.5,0,50,3.2972,0,1.0000",
    "50,2.5,0,50,1.8634,0.5757,1.0000",
    "50,2.5,0,50,3.2592,0.3350,1.0000",
    "60.2574,-34.0099,36.2677,60.4626,-34.1751,39.4387,1.2644",
    "63.0109,-31.0961,-5.8663,62.8187,-29.7946,-4.0864,1.2630",
    "61.2901,3.7196,-5.3901,61.4292,2.2480,-4.9620,1.8731",
    "35.0831,-44.1164,3.7933,35.0232,-40.0716,1.5901,1.8645",
    "22.7233,20.0904,-46.6940,23.0331,14.9730,-42.5619,2.0373",
    "36.4612,47.8580,18.3852,36.2715,50.5065,21.2231,1.4146",
    "90.8027,-2.0831,1.4410,91.1528,-1.6435,0.0447,1.4441",
    "90.9257,-0.5406,-0.9208,88.6381,-0.8985,-0.7239,1.5381",
    "6.7747,-0.2908,-2.4247,5.8714,-0.0985,-2.2286,0.6377",
    "2.0776,0.0795,-1.1350,0.9033,-0.0636,-0.5514,0.9082"
  })
  void publishedPairs(
      double l1, double a1, double b1, double l2, double a2, double b2, double difference) {
    Lab one = new Lab(l1, a1, b1);
    Lab other = new Lab(l2, a2, b2);
    assertThat(ColourDifference.between(one, other)).isCloseTo(difference, within(1e-4));
    assertThat(ColourDifference.between(other, one)).isCloseTo(difference, within(1e-4));
  }

  /**
   * The same definition written with vectors: a mean hue is the direction of the sum of two unit
   * vectors, and the difference of hues what chroma and plain distance leave of each other.
   */
  @Test
  void tenThousandPairsByVectors() {
    Random random = new Random(11);
    for (int i = 0; i < 10_000; i++) {
      Lab one = any(random);
      Lab other = i % 2 == 0 ? any(random) : near(one, random);
      assertThat(ColourDifference.between(one, other))
          .isCloseTo(byVectors(one, other), within(1e-6));
    }
  }

  private static double byVectors(Lab one, Lab other) {
    double mean = (chroma(one.redness(), one) + chroma(other.redness(), other)) / 2;
    double g = 1.5 - 0.5 / Math.sqrt(1 + Math.pow(25 / mean, 7));
    double a1 = g * one.redness();
    double a2 = g * other.redness();
    double c1 = chroma(a1, one);
    double c2 = chroma(a2, other);
    double da = a2 - a1;
    double db = other.yellowness() - one.yellowness();
    double dc = c2 - c1;
    // Which way round: the sign of the cross product.
    double cross = a1 * other.yellowness() - a2 * one.yellowness();
    double dh = Math.copySign(Math.sqrt(Math.max(0, da * da + db * db - dc * dc)), cross);
    double ux = a1 / c1 + a2 / c2;
    double uy = one.yellowness() / c1 + other.yellowness() / c2;
    double h = Math.atan2(uy, ux);
    double t =
        1
            - 0.17 * Math.cos(h - Math.PI / 6)
            + 0.24 * Math.cos(2 * h)
            + 0.32 * Math.cos(3 * h + Math.PI / 30)
            - 0.20 * Math.cos(4 * h - 63 * Math.PI / 180);
    double l = (one.lightness() + other.lightness()) / 2 - 50;
    double sl = 1 + 0.015 * l * l / Math.sqrt(20 + l * l);
    double c = (c1 + c2) / 2;
    double degrees = (Math.toDegrees(h) + 360) % 360;
    double turned = 60 * Math.exp(-Math.pow((degrees - 275) / 25, 2));
    double rc = 2 / Math.sqrt(1 + Math.pow(25 / c, 7));
    double x = (other.lightness() - one.lightness()) / sl;
    double y = dc / (1 + 0.045 * c);
    double z = dh / (1 + 0.015 * c * t);
    return Math.sqrt(x * x + y * y + z * z - Math.sin(Math.toRadians(turned)) * rc * y * z);
  }

  private static double chroma(double a, Lab of) {
    return Math.sqrt(a * a + of.yellowness() * of.yellowness());
  }

  private static Lab any(Random random) {
    return new Lab(
        100 * random.nextDouble(),
        200 * random.nextDouble() - 100,
        200 * random.nextDouble() - 100);
  }

  private static Lab near(Lab one, Random random) {
    return new Lab(
        Math.min(100, one.lightness() + 3 * random.nextDouble()),
        one.redness() + 6 * random.nextDouble() - 3,
        one.yellowness() + 6 * random.nextDouble() - 3);
  }
}
