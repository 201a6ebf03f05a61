package velvetkettle.core.place;

import static velvetkettle.core.art.Placement.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.GarmentKind;

/** The places that each kind of garment has: a panel has no chest, and a cap no sleeve. */
public final class GarmentPlaces {
  private static final Set<Placement> FRONT = EnumSet.of(CHEST, LEFT_CHEST, RIGHT_CHEST);
  private static final Set<Placement> BODY =
      EnumSet.of(
          CHEST,
          LEFT_CHEST,
          RIGHT_CHEST,
          BACK,
          UPPER_BACK,
          NAPE,
          NECKLINE,
          SIDE,
          SEAM,
          HEM,
          POCKET,
          ALL_OVER);
  private static final Set<Placement> SLEEVED = with(BODY, SLEEVE, RIGHT_SLEEVE);
  private static final Set<Placement> HOODED = with(SLEEVED, HOOD);
  private static final Set<Placement> LEGS =
      EnumSet.of(LEG, BACK, SIDE, SEAM, HEM, POCKET, ALL_OVER);
  private static final Set<Placement> ROUND =
      EnumSet.of(MIDDLE, BACK, SIDE, SEAM, HEM, POCKET, ALL_OVER);
  private static final Set<Placement> FLAT = EnumSet.of(MIDDLE, CORNER, HEM, SEAM, ALL_OVER);

  private GarmentPlaces() {}

  /** In the order of {@link Placement}; never empty. */
  public static List<Placement> of(GarmentKind kind) {
    return List.copyOf(places(kind));
  }

  public static boolean has(GarmentKind kind, Placement place) {
    return places(kind).contains(place);
  }

  private static Set<Placement> places(GarmentKind kind) {
    return switch (kind) {
      case TOP, LONG_SLEEVE, SHIRT, BODYSUIT, DRESS -> SLEEVED;
      case SWEATSHIRT, JACKET, COSTUME -> HOODED;
      case VEST, HIGH_VISIBILITY_VEST -> BODY;
      case TROUSERS, LEGGINGS -> LEGS;
      case SKIRT -> ROUND;
      case CAPE -> with(FRONT, BACK, UPPER_BACK, NECKLINE, HEM, CORNER, HOOD, ALL_OVER);
      case APRON -> EnumSet.of(CHEST, LEFT_CHEST, RIGHT_CHEST, POCKET, HEM, MIDDLE, ALL_OVER);
      case BIB -> EnumSet.of(CHEST, MIDDLE, NECKLINE, HEM, ALL_OVER);
      case CAP -> EnumSet.of(MIDDLE, SIDE, BACK);
      case KNITTED_HAT -> EnumSet.of(MIDDLE, SIDE, BACK, HEM);
      case BAG -> EnumSet.of(MIDDLE, BACK, POCKET, CORNER, ALL_OVER);
      case CUSHION, FLAG, SCARF, TOWEL, FLAT_LINEN, PANEL, CANOPY_PANEL -> FLAT;
      case PENNANT, TIE, RIBBON -> EnumSet.of(MIDDLE, ALL_OVER);
    };
  }

  private static Set<Placement> with(Set<Placement> some, Placement... more) {
    Set<Placement> all = EnumSet.copyOf(some);
    all.addAll(Set.of(more));
    return all;
  }
}
