package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Size;

/**
 * The right half of each kind of garment, or all of it where it has no two halves, as an adult's
 * middle size; y counts from the highest point of the shoulder [engineering estimates].
 */
final class Shapes {
  private static final double[][] TEE = {
    {95, 0}, {230, 45}, {394, 175}, {286, 311}, {265, 270}, {265, 720}
  };
  private static final double[][] LONG_SLEEVE = {
    {95, 0}, {230, 45}, {530, 565}, {434, 620}, {265, 270}, {265, 720}
  };
  private static final double[][] SWEATSHIRT = {
    {100, 0}, {245, 50}, {540, 585}, {440, 640}, {290, 290}, {285, 700}
  };
  private static final double[][] VEST = {{100, 0}, {200, 40}, {235, 160}, {270, 285}, {270, 700}};
  private static final double[][] TROUSERS = {
    {210, 0}, {250, 300}, {235, 1040}, {45, 1040}, {0, 290}
  };
  private static final double[][] CAPE = {{110, 0}, {260, 70}, {620, 950}};
  private static final double[][] APRON = {
    {140, 0}, {160, 120}, {230, 230}, {350, 300}, {350, 850}
  };
  private static final double[][] CAP = {{40, 0}, {72, 25}, {88, 65}, {92, 110}};
  private static final double[][] TIE = {{18, 0}, {24, 30}, {16, 50}, {47, 1400}, {0, 1450}};

  private Shapes() {}

  /**
   * @param x half the width of the body at the armhole
   * @param y from the shoulder to the hem
   */
  record Measures(double x, double y) {}

  /** How wide and long the drawn shape is before it is stretched. */
  static Measures drawn(GarmentKind kind) {
    return switch (kind) {
      case TOP, SHIRT, LONG_SLEEVE -> new Measures(265, 720);
      case SWEATSHIRT, JACKET -> new Measures(290, 700);
      case VEST -> new Measures(270, 700);
      case TROUSERS -> new Measures(210, 1040);
      case CAPE -> new Measures(620, 950);
      case APRON -> new Measures(350, 850);
      case CAP -> new Measures(92, 110);
      case BAG -> new Measures(190, 420);
      case FLAG -> new Measures(750, 900);
      case PENNANT -> new Measures(300, 300);
      case SCARF -> new Measures(150, 1500);
      case TIE -> new Measures(47, 1450);
      case PANEL -> new Measures(500, 1000);
      case RIBBON -> new Measures(500, 25);
    };
  }

  /** How far the collar stands below the highest point of the shoulder, in mm. */
  static double collar(GarmentKind kind, boolean front) {
    return switch (kind) {
      case TOP, SHIRT, LONG_SLEEVE, SWEATSHIRT -> front ? 85 : 20;
      case JACKET, VEST -> front ? 70 : 20;
      case CAPE -> front ? 60 : 25;
      default -> 0;
    };
  }

  /** Of an adult's [engineering estimates]; what is not worn on the body has one size. */
  static double scale(GarmentKind kind, Size size) {
    return switch (kind) {
      case BAG, FLAG, PENNANT, SCARF, PANEL, RIBBON -> 1;
      case CAP, TIE ->
          switch (size) {
            case BABY -> 0.8;
            case TODDLER -> 0.86;
            case YOUTH -> 0.94;
            case ADULT -> 1;
          };
      default ->
          switch (size) {
            case BABY -> 0.46;
            case TODDLER -> 0.58;
            case YOUTH -> 0.78;
            case ADULT -> 1;
          };
    };
  }

  static Outline outline(GarmentKind kind, boolean front) {
    double neck = collar(kind, front);
    return switch (kind) {
      case TOP, SHIRT -> mirrored(neck, TEE);
      case LONG_SLEEVE -> mirrored(neck, LONG_SLEEVE);
      case SWEATSHIRT, JACKET -> mirrored(neck, SWEATSHIRT);
      case VEST -> mirrored(neck, VEST);
      case TROUSERS -> mirrored(0, TROUSERS);
      case CAPE -> mirrored(neck, CAPE);
      case APRON -> mirrored(0, APRON);
      case CAP -> mirrored(0, CAP);
      case TIE -> mirrored(0, TIE);
      case PENNANT ->
          new Outline(List.of(new Point(-300, 0), new Point(300, 150), new Point(-300, 300)));
      case BAG, FLAG, SCARF, PANEL, RIBBON -> {
        Measures drawn = drawn(kind);
        yield mirrored(0, new double[][] {{drawn.x(), 0}, {drawn.x(), drawn.y()}});
      }
    };
  }

  /** Both halves; the collar is cut out round in the middle. */
  private static Outline mirrored(double neck, double[][] half) {
    List<Point> points = new ArrayList<>();
    if (neck > 0) {
      double side = half[0][0];
      for (double turn : new double[] {0, 0.35, 0.7}) {
        points.add(new Point(side * turn, neck * Math.sqrt(1 - turn * turn)));
      }
    }
    for (double[] corner : half) {
      points.add(new Point(corner[0], corner[1]));
    }
    for (int i = points.size() - 1; i >= 0; i--) {
      Point right = points.get(i);
      if (right.x() > 0) {
        points.add(new Point(-right.x(), right.y()));
      }
    }
    return new Outline(points);
  }
}
