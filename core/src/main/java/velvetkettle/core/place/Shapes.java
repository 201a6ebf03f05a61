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
  private static final double[][] BODYSUIT = {
    {90, 0}, {210, 45}, {340, 160}, {262, 270}, {240, 240}, {230, 560}, {90, 700}, {60, 720}
  };
  private static final double[][] DRESS = {
    {95, 0}, {215, 45}, {340, 170}, {262, 290}, {245, 260}, {360, 1000}
  };
  private static final double[][] COSTUME = {
    {100, 0}, {240, 50}, {535, 575}, {437, 630}, {285, 285}, {300, 1300}
  };
  private static final double[][] LEGGINGS = {
    {170, 0}, {205, 260}, {150, 950}, {40, 950}, {0, 270}
  };
  private static final double[][] SKIRT = {{190, 0}, {250, 180}, {330, 600}};
  private static final double[][] BIB = {{70, 0}, {110, 60}, {120, 150}, {100, 290}, {50, 320}};
  private static final double[][] KNITTED_HAT = {{40, 0}, {95, 50}, {110, 130}, {110, 220}};
  private static final double[][] TIE = {{18, 0}, {24, 30}, {16, 50}, {47, 1400}, {0, 1450}};

  private Shapes() {}

  /**
   * What one kind of garment is like.
   *
   * @param half the right half of its outline, from the neck on
   */
  private record Shape(Measures drawn, Collar collar, Sizing sizing, double[][] half) {}

  /**
   * @param x half the width of the body at the armhole
   * @param y from the shoulder to the hem
   */
  record Measures(double x, double y) {}

  /** How far the collar stands below the highest point of the shoulder, in mm. */
  private record Collar(double front, double back) {
    static final Collar NONE = new Collar(0, 0);
    static final Collar ROUND = new Collar(85, 20);
    static final Collar STAND = new Collar(70, 20);
    static final Collar SMALL = new Collar(45, 20);
    static final Collar WIDE = new Collar(60, 25);
  }

  /** How a kind follows the sizes of people, of an adult's [engineering estimates]. */
  private enum Sizing {
    /** What is not worn on the body has one size. */
    ONE(1, 1, 1),
    HEAD_AND_NECK(0.8, 0.86, 0.94),
    BODY(0.46, 0.58, 0.78);

    private final double baby;
    private final double toddler;
    private final double youth;

    Sizing(double baby, double toddler, double youth) {
      this.baby = baby;
      this.toddler = toddler;
      this.youth = youth;
    }

    double of(Size size) {
      return switch (size) {
        case BABY -> baby;
        case TODDLER -> toddler;
        case YOUTH -> youth;
        case ADULT -> 1;
      };
    }
  }

  private static Shape of(GarmentKind kind) {
    return switch (kind) {
      case TOP, SHIRT -> worn(265, 720, Collar.ROUND, TEE);
      case LONG_SLEEVE -> worn(265, 720, Collar.ROUND, LONG_SLEEVE);
      case SWEATSHIRT -> worn(290, 700, Collar.ROUND, SWEATSHIRT);
      case JACKET -> worn(290, 700, Collar.STAND, SWEATSHIRT);
      case VEST, HIGH_VISIBILITY_VEST -> worn(270, 700, Collar.STAND, VEST);
      case TROUSERS -> worn(210, 1040, Collar.NONE, TROUSERS);
      case CAPE -> worn(620, 950, Collar.WIDE, CAPE);
      case APRON -> worn(350, 850, Collar.NONE, APRON);
      case CAP -> new Shape(new Measures(92, 110), Collar.NONE, Sizing.HEAD_AND_NECK, CAP);
      case BODYSUIT -> worn(240, 720, Collar.ROUND, BODYSUIT);
      case DRESS -> worn(245, 1000, Collar.ROUND, DRESS);
      case COSTUME -> worn(285, 1300, Collar.ROUND, COSTUME);
      case LEGGINGS -> worn(170, 950, Collar.NONE, LEGGINGS);
      case SKIRT -> worn(190, 600, Collar.NONE, SKIRT);
      case BIB -> worn(120, 320, Collar.SMALL, BIB);
      case KNITTED_HAT ->
          new Shape(new Measures(110, 220), Collar.NONE, Sizing.HEAD_AND_NECK, KNITTED_HAT);
      case TIE -> new Shape(new Measures(47, 1450), Collar.NONE, Sizing.HEAD_AND_NECK, TIE);
      case PENNANT -> flat(300, 300);
      case BAG -> flat(190, 420);
      case CUSHION -> flat(225, 450);
      case TOWEL -> flat(250, 1000);
      case FLAT_LINEN -> flat(250, 700);
      case CANOPY_PANEL -> flat(400, 900);
      case FLAG -> flat(750, 900);
      case SCARF -> flat(150, 1500);
      case PANEL -> flat(500, 1000);
      case RIBBON -> flat(500, 25);
    };
  }

  private static Shape worn(double x, double y, Collar collar, double[][] half) {
    return new Shape(new Measures(x, y), collar, Sizing.BODY, half);
  }

  private static Shape flat(double x, double y) {
    return new Shape(new Measures(x, y), Collar.NONE, Sizing.ONE, new double[][] {{x, 0}, {x, y}});
  }

  /** How wide and long the drawn shape is before it is stretched. */
  static Measures drawn(GarmentKind kind) {
    return of(kind).drawn();
  }

  /** How far the collar stands below the highest point of the shoulder, in mm. */
  static double collar(GarmentKind kind, boolean front) {
    Collar collar = of(kind).collar();
    return front ? collar.front() : collar.back();
  }

  /** Of an adult's. */
  static double scale(GarmentKind kind, Size size) {
    return of(kind).sizing().of(size);
  }

  static Outline outline(GarmentKind kind, boolean front) {
    // The one shape that is not alike on both sides.
    return kind == GarmentKind.PENNANT
        ? new Outline(List.of(new Point(-300, 0), new Point(300, 150), new Point(-300, 300)))
        : mirrored(collar(kind, front), of(kind).half());
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
