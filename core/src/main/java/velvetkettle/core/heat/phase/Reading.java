package velvetkettle.core.heat.phase;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.WanderingDye;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.dose.Migration;
import velvetkettle.core.heat.dose.Resublimation;
import velvetkettle.core.heat.dose.Scorch;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.dose.SublimationDose;
import velvetkettle.core.press.LayerKind;

/**
 * What heat through all phases of a pressing did, in the numbers that the margins are made of.
 *
 * @param bond times what the glue needs, or what the print needs to go over fully
 * @param bondedAfter s under the main press; NaN where it is not
 * @param glueLine hottest at the end of a bonding phase, °C
 * @param hottestCloth of the garment's own cloth, in any phase, °C
 * @param scorch dose of the fibre that yellows first; visible at 1
 * @param tint dye gone into what lies on the cloth; visible on white at 1
 * @param fading dose that a print sublimated into the cloth gets again, s at 196 °C
 * @param steam left the cloth while the glue flowed, g/m2
 * @param bareShine hottest cloth under a bare platen or film, °C; -273 where there was none
 */
public record Reading(
    double bond,
    double bondedAfter,
    double glueLine,
    double hottestCloth,
    double scorch,
    double tint,
    double fading,
    double steam,
    double bareShine) {
  static final double NOWHERE = -273;

  public static Reading of(Pressing pressing, List<PhaseResult> acts) {
    double bond = 0;
    double already = alreadyMade(acts);
    double bondedAfter = Double.NaN;
    double glueLine = NOWHERE;
    double hottest = NOWHERE;
    double bare = NOWHERE;
    double steam = 0;
    for (PhaseResult act : acts) {
      if (act.bonds()) {
        bond = bond(pressing, act, bond, already);
        bondedAfter = Double.isNaN(bondedAfter) ? bondedAfter(pressing, act, already) : bondedAfter;
        glueLine = Math.max(glueLine, hottestBelow(act));
        steam += steam(act);
      }
      if (act.closed()) {
        double peak = peak(act);
        hottest = Math.max(hottest, peak);
        bare = touchesBare(act) ? Math.max(bare, peak) : bare;
      }
    }
    return new Reading(
        bond,
        bondedAfter,
        glueLine,
        hottest,
        scorch(pressing.garment(), acts),
        tint(pressing, acts, false),
        fading(pressing, acts, false),
        steam,
        bare);
  }

  /** The same with what later presses add. */
  public Reading under(Exposure later) {
    return new Reading(
        bond,
        bondedAfter,
        glueLine,
        Math.max(hottestCloth, later.hottestCloth()),
        scorch + later.scorch(),
        tint + later.tint(),
        fading + later.fading(),
        steam,
        bareShine);
  }

  /** The same with what harms as it is elsewhere. */
  public Reading harmedAs(Reading elsewhere) {
    return new Reading(
        bond,
        bondedAfter,
        glueLine,
        elsewhere.hottestCloth,
        elsewhere.scorch,
        elsewhere.tint,
        elsewhere.fading,
        steam,
        elsewhere.bareShine);
  }

  /**
   * What presses that do not count have made of the bond before the first that does: those that
   * hold one colour, which the last colour never has.
   */
  public static double alreadyMade(List<PhaseResult> acts) {
    return acts.stream()
        .filter(PhaseResult::bonds)
        .findFirst()
        .filter(act -> act.passage().bond() != null)
        .map(act -> act.trace().bond(0))
        .orElse(0.0);
  }

  private static double bond(Pressing pressing, PhaseResult act, double before, double already) {
    if (pressing.medium().construction().dyesTheCloth()) {
      int below = act.laying().bondBelow();
      if (below < 0) {
        return before;
      }
      double dose = act.trace().doseAtInterface(below, SublimationDose::rate);
      return before + dose / SublimationDose.FULL;
    }
    GlueLine line = act.passage().bond();
    return line == null ? before : (line.dose() - already) / pressing.needed(line.adhesive());
  }

  private static double bondedAfter(Pressing pressing, PhaseResult act, double already) {
    GlueLine line = act.passage().bond();
    return line == null
        ? Double.NaN
        : act.trace().bondReaches(pressing.needed(line.adhesive()) + already);
  }

  private static double hottestBelow(PhaseResult act) {
    int below = act.laying().bondBelow();
    return below < 0 ? NOWHERE : act.trace().interfaceBelow(act.end(), below);
  }

  private static double peak(PhaseResult act) {
    double peak = NOWHERE;
    for (int moment = 0; moment <= act.end(); moment++) {
      peak = Math.max(peak, act.hottestCloth(moment));
    }
    return peak;
  }

  /** Bare: the platen itself or a film meets the cloth; paper and pressing cloth do not shine. */
  static boolean touchesBare(PhaseResult act) {
    LayerKind above = LayerKind.HEATED_PLATEN;
    for (SlabMapping.Band band : act.laying().bands()) {
      LayerKind kind = band.layer().kind();
      if (kind == LayerKind.FRONT || kind == LayerKind.BACK) {
        break;
      }
      above = kind;
    }
    return above == LayerKind.HEATED_PLATEN || above == LayerKind.GLUE;
  }

  /** Whether the hot platen itself meets the cloth round the art: no sheet is between them. */
  public static boolean platenMeetsCloth(PhaseResult act) {
    return act.laying().bands().stream()
        .map(band -> band.layer().kind())
        .takeWhile(kind -> kind != LayerKind.FRONT && kind != LayerKind.BACK)
        .noneMatch(kind -> kind == LayerKind.COVER || kind == LayerKind.SEPARATOR);
  }

  private static double steam(PhaseResult act) {
    int below = act.laying().bondBelow();
    if (below < 0) {
      return 0;
    }
    Trace trace = act.trace();
    double flows = trace.hotterThan(Steam.COUNTS_ABOVE, below);
    return Double.isNaN(flows) ? 0 : act.steamAfter(trace.momentAt(flows));
  }

  static double scorch(Garment garment, List<PhaseResult> acts) {
    return garment.pressedFibres().stream()
        .flatMap(fibre -> Scorch.of(fibre).stream())
        .mapToDouble(scorch -> acts.stream().mapToDouble(act -> scorch(scorch, act)).sum())
        .max()
        .orElse(0);
  }

  private static double scorch(Scorch fibre, PhaseResult act) {
    return act.trace().integral(scorchRate(fibre, act));
  }

  static IntToDoubleFunction scorchRate(Scorch fibre, PhaseResult act) {
    return moment -> fibre.rate(act.hottestCloth(moment));
  }

  /**
   * Only cloth whose colour was sublimated has a print to lose, and a print that lies there
   * already.
   */
  static double fading(Pressing pressing, List<PhaseResult> acts, boolean liesThere) {
    boolean printed = liesThere && pressing.medium().construction().dyesTheCloth();
    if (!isPrinted(pressing) && !pressing.hasPrintedPiece() && !printed) {
      return 0;
    }
    return acts.stream()
        .filter(PhaseResult::closed)
        .mapToDouble(act -> act.trace().integral(fadingRate(pressing, act)))
        .sum();
  }

  private static boolean isPrinted(Pressing pressing) {
    return pressing.garment().dye() == DyeKind.SUBLIMATED;
  }

  /**
   * Of a piece that is printed itself; of cloth whose colour was sublimated; else of a print that
   * lies there.
   */
  static IntToDoubleFunction fadingRate(Pressing pressing, PhaseResult act) {
    if (pressing.hasPrintedPiece()) {
      return moment -> Resublimation.rate(act.hottestPiece(moment));
    }
    boolean dyed = isPrinted(pressing);
    return moment ->
        Resublimation.rate(dyed ? act.hottestCloth(moment) : act.clothUnderMedium(moment));
  }

  /**
   * @param liesThere whether it lies there from the beginning, and not only once it is pressed
   */
  static double tint(Pressing pressing, List<PhaseResult> acts, boolean liesThere) {
    if (pressing.medium().appearance().ownGround()
        || pressing.medium().construction().dyesTheCloth()) {
      return 0;
    }
    double tint = 0;
    boolean lies = liesThere;
    for (PhaseResult act : acts) {
      lies = lies || act.bonds();
      if (lies) {
        tint += act.trace().integral(tintRate(pressing, act));
      }
    }
    return tint;
  }

  static IntToDoubleFunction tintRate(Pressing pressing, PhaseResult act) {
    WanderingDye wandering = pressing.garment().wanderingDye();
    Depth depth = pressing.garment().colour().depth();
    boolean blocked = pressing.medium().construction().blocksDye();
    return moment -> {
      double celsius = act.clothUnderMedium(moment);
      return celsius < Migration.ENDS_BELOW
          ? 0
          : Migration.rate(celsius, wandering.dye(), depth, wandering.percent() / 100, blocked);
    };
  }
}
