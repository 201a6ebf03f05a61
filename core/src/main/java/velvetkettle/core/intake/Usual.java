package velvetkettle.core.intake;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.place.GarmentPlaces;

/**
 * What an order does not say and mostly goes without saying [common practice, no source]. It is
 * shown as usual, never as said, and nothing that decides the method is taken as usual: no fibre,
 * no colour.
 */
public final class Usual {
  /** Lettering of one line, wide to high. */
  private static final double LINE = 4;

  private static final double PHOTOGRAPH = 0.75;

  /** A tape of two by five. */
  private static final double LABEL = 2.5;

  private static final double LEAST = 5;

  private final Intake intake;
  private final @Nullable GarmentKind kind;
  private final Map<Field, Object> usual = new EnumMap<>(Field.class);

  private Usual(Intake intake) {
    this.intake = intake;
    kind = intake.value(Field.KIND, GarmentKind.class);
  }

  /** Values of the types that an {@link Intake} has, of fields that it does not have. */
  public static Map<Field, Object> of(Intake intake) {
    Usual usual = new Usual(intake);
    if (usual.kind != null) {
      usual.ofGarment(usual.kind);
    }
    usual.ofArt();
    return Map.copyOf(usual.usual);
  }

  private void ofGarment(GarmentKind garment) {
    put(Field.FABRIC, fabric(garment));
    put(Field.FITS, fits(garment));
    Set<Obstacle> hung = EnumSet.noneOf(Obstacle.class);
    if (intake.garment().contains("hood")) {
      hung.add(Obstacle.HOOD);
    }
    if (intake.garment().contains("polo")) {
      hung.addAll(Set.of(Obstacle.COLLAR, Obstacle.BUTTON));
    }
    if (!hung.isEmpty()) {
      put(Field.OBSTACLES, Set.copyOf(hung));
    }
    List<Placement> places = GarmentPlaces.of(garment);
    boolean middle = places.contains(Placement.MIDDLE) && !places.contains(Placement.CHEST);
    if (middle || garment == GarmentKind.BIB) {
      put(Field.PLACE, middle ? Placement.MIDDLE : Placement.CHEST);
    }
  }

  private Fabric fabric(GarmentKind garment) {
    boolean denim =
        Optional.ofNullable(intake.value(Field.COLOUR, Colour.class))
            .filter(colour -> colour.name().contains("denim"))
            .isPresent();
    return denim
        ? Fabric.TWILL
        : UsualCloth.fabric(garment, intake.value(Field.LABEL, String.class));
  }

  /** Sizes of three digits are heights in cm. */
  private Size fits(GarmentKind garment) {
    List<?> sizes = Optional.ofNullable(intake.value(Field.SIZES, List.class)).orElse(List.of());
    int tallest =
        sizes.stream()
            .map(Intake.SizeCount.class::cast)
            .map(Intake.SizeCount::size)
            .filter(size -> size.matches("\\d{2,3}"))
            .mapToInt(Integer::parseInt)
            .max()
            .orElse(0);
    if (garment == GarmentKind.BODYSUIT || tallest >= 50 && tallest <= 86) {
      return Size.BABY;
    }
    if (tallest > 86 && tallest <= 98) {
      return Size.TODDLER;
    }
    return tallest > 98 && tallest <= 176 ? Size.YOUTH : Size.ADULT;
  }

  private void ofArt() {
    ArtKind art = intake.value(Field.ART, ArtKind.class);
    Double width = intake.value(Field.WIDTH, Double.class);
    Double height = intake.value(Field.HEIGHT, Double.class);
    if (art != null && width != null) {
      put(Field.HEIGHT, inProportion(width, 1 / shape(art)));
    } else if (art != null && height != null) {
      // What is said to be so high is a number or a figure more often than a long line.
      double across = art == ArtKind.PHOTOGRAPH ? PHOTOGRAPH : 1;
      put(Field.WIDTH, inProportion(height, across));
    }
    Colour cloth = intake.value(Field.COLOUR, Colour.class);
    if (art != null && cloth != null) {
      put(Field.LIGHT, cloth.depth() == Depth.DARK ? Depth.WHITE : Depth.DARK);
    }
    put(Field.PIECES, 1);
  }

  /** Width by height. */
  private static double shape(ArtKind art) {
    return switch (art) {
      case LETTERING, STONES -> LINE;
      case PHOTOGRAPH -> PHOTOGRAPH;
      case LABEL -> LABEL;
      case LOGO, ALL_OVER_PRINT, MADE_PATCH, BADGE, PRINTED_PATCH, APPLIQUE, SECOND_LAYER, PANEL ->
          1;
    };
  }

  /**
   * What is as wide as it is high stays so to the tenth, also in inches; the rest is a guess in
   * round figures.
   */
  private static double inProportion(double length, double proportion) {
    return proportion == 1 ? length : Math.max(LEAST, fives(length * proportion));
  }

  private static double fives(double length) {
    return 5.0 * Math.round(length / 5);
  }

  private void put(Field field, Object value) {
    if (intake.get(field).isEmpty()) {
      usual.put(field, value);
    }
  }
}
