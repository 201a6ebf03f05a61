package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.DyeRisk;
import velvetkettle.core.heat.TradeMargins;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.Medium;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.InstructionSheet;

/**
 * How hot the platen is, and what its display has to read: from the sheet or the window, cooler for
 * dye and a cautious label, never near a fibre's limit where the window leaves room.
 */
public final class PlatenWriter {
  /**
   * Where in the window to go when dye or a cautious label asks for it: the cooler end, but not its
   * very edge.
   */
  private static final double COOLER_END = 0.25;

  /** What an iron can be set to, °C. */
  public static final List<Celsius> IRON_DOTS =
      List.of(Celsius.of(110), Celsius.of(150), Celsius.of(200));

  private final Garment garment;
  private final Medium medium;
  private final InstructionSheet sheet;
  private final Press press;

  private PlatenWriter(Workplace workplace, Medium medium, InstructionSheet sheet) {
    garment = workplace.garment();
    press = workplace.press();
    this.medium = medium;
    this.sheet = sheet;
  }

  /** What the platen truly is, and what to set, with its evidence. */
  public record Settled(Celsius platen, Recommended<Celsius> dial) {}

  static Settled settle(Workplace workplace, Medium medium, InstructionSheet sheet) {
    PlatenWriter writer = new PlatenWriter(workplace, medium, sheet);
    List<Evidence> why = new ArrayList<>();
    Celsius platen = writer.platen(why);
    return new Settled(platen, writer.dial(platen, why));
  }

  static CelsiusRange range(Medium medium, InstructionSheet sheet) {
    CelsiusRange own = sheet.temperature();
    return own != null ? own : medium.window().temperature();
  }

  /** What the display reads when the platen is so hot. */
  public static Celsius shown(Celsius platen, Press press) {
    return whole(platen.plus(press.calibration().readsHigh()));
  }

  private Celsius platen(List<Evidence> why) {
    CelsiusRange range = range(medium, sheet);
    Celsius wanted = startingPoint(range, why);
    if (dyeHasToStayQuiet(garment, medium)) {
      wanted = range.at(COOLER_END);
      why.add(Evidence.trade("why.cooler-for-dye", garment.wanderingDye().dye()));
    } else if (garment.iron().warns()) {
      wanted = range.at(COOLER_END);
      why.add(Evidence.trade("why.cooler-for-label", garment.iron()));
    } else if (garment.hasOldPrint()) {
      wanted = range.at(COOLER_END);
      why.add(Evidence.trade("why.cooler-for-old-print"));
    }
    Celsius highest = highest();
    if (wanted.compareTo(highest) > 0) {
      wanted = range.clamp(highest);
      why.add(
          new Evidence(
              Source.LIMIT,
              Sentence.of(
                  garment.fabric().is(Fabric.Trait.LAMINATE)
                      ? "why.membrane-limit"
                      : glazes().isPresent() ? "why.glazes" : "why.fibre-limit",
                  glazes().orElse(garment.weakest()),
                  glazes().flatMap(Shine::onset).orElse(garment.bears()))));
    }
    return press.kind().iron() ? nearestDot(wanted, why) : whole(wanted);
  }

  /** Clear of what the cloth bears, and where it would shine for good. */
  private Celsius highest() {
    Celsius bears = garment.bears().minus(TradeMargins.SAFE_CLEARANCE);
    return glazes().flatMap(Shine::onset).filter(onset -> onset.compareTo(bears) < 0).orElse(bears);
  }

  /** The fibre that shines below what most media take; empty where none does. */
  private Optional<Fibre> glazes() {
    return garment.pressedFibres().stream()
        .filter(fibre -> fibre == Fibre.ACRYLIC || fibre == Fibre.MODACRYLIC)
        .findFirst();
  }

  private Celsius startingPoint(CelsiusRange range, List<Evidence> why) {
    if (sheet.temperature() != null) {
      why.add(
          new Evidence(
              Source.SHEET, Sentence.of("why.sheet-temperature", range.low(), range.high())));
      return range.at(0.5);
    }
    why.add(Evidence.trade("why.window-temperature", medium.term(), range.low(), range.high()));
    return medium.window().usualTemperature();
  }

  /**
   * A blocker works best cool; without one the heat still stirs the dye below. A sublimated print
   * has no film to stain.
   */
  static boolean dyeHasToStayQuiet(Garment garment, Medium medium) {
    return DyeRisk.of(garment) != DyeRisk.NONE && !medium.construction().dyesTheCloth();
  }

  private static Celsius nearestDot(Celsius wanted, List<Evidence> why) {
    Celsius nearest =
        IRON_DOTS.stream()
            .min(Comparator.comparingDouble(dot -> Math.abs(dot.degrees() - wanted.degrees())))
            .orElseThrow();
    why.add(Evidence.trade("why.iron-dots", nearest));
    return nearest;
  }

  private static Celsius whole(Celsius temperature) {
    return Celsius.of(Math.round(temperature.degrees()));
  }

  private Recommended<Celsius> dial(Celsius platen, List<Evidence> why) {
    if (!press.kind().setInDegrees()) {
      return new Recommended<>(platen, why);
    }
    if (press.calibration().measured() && press.calibration().readsHigh().degrees() != 0) {
      why.add(
          new Evidence(
              Source.YOURS,
              Sentence.of(
                  press.calibration().readsHigh().degrees() > 0
                      ? "why.reads-high"
                      : "why.reads-low",
                  press.name(),
                  Kelvin.of(Math.abs(press.calibration().readsHigh().degrees())))));
    } else if (!press.calibration().measured()) {
      why.add(Evidence.trade("why.not-measured", press.name(), press.calibration().giveOrTake()));
    }
    return new Recommended<>(shown(platen, press), why);
  }
}
