package velvetkettle.core.heat.certainty;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.conduction.Face;
import velvetkettle.core.heat.conduction.FibreMix;
import velvetkettle.core.heat.conduction.Moisture;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.heat.dose.Scorch;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.dose.SublimationDose;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * How sure the heat computation is: what its numbers rest on, how it compares with what makers do,
 * and what it leaves out.
 *
 * @param bands how far a glue line may be off, by how well the press is known
 */
public record Certainty(
    List<Fact> facts, List<PracticeRow> practice, List<Sentence> bands, List<Sentence> leftOut) {
  public Certainty {
    facts = List.copyOf(facts);
    practice = List.copyOf(practice);
    bands = List.copyOf(bands);
    leftOut = List.copyOf(leftOut);
  }

  /** One number, or a few of a kind, that the computation stands on. */
  public record Fact(Basis basis, Sentence says) {}

  /**
   * One stack and setting of common practice.
   *
   * @param agrees whether the computation says what practice says; where it does not, practice is
   *     followed
   */
  public record PracticeRow(
      Sentence setting, Sentence practice, Sentence predicted, boolean agrees) {}

  /** As two strips leave a press, and as a probe does besides. */
  private static final Calibration BY_STRIPS =
      new Calibration(Kelvin.of(0), Kelvin.of(4.1), true, null, null, null, null);

  private static final Calibration BY_PROBE =
      new Calibration(Kelvin.of(0), Kelvin.of(3.1), true, 1.0, 1.23, null, null);

  /** Computes the comparison anew: a few dozen milliseconds. */
  public static Certainty now() {
    PracticeStacks.Pressed tee =
        PracticeStacks.on(Fabric.JERSEY, Fibre.COTTON, Adhesive.EVERYDAY)
            .dried()
            .film(150, Pressure.MEDIUM, 15);
    return new Certainty(
        standing(),
        CommonPractice.cases().stream().map(CommonPractice.Case::row).toList(),
        List.of(
            Sentence.of("sure.band.unmeasured", tee.giveOrTake(Calibration.NONE)),
            Sentence.of("sure.band.measured", tee.giveOrTake(BY_STRIPS), tee.giveOrTake(BY_PROBE)),
            Sentence.of("sure.band.not-in-it")),
        List.of(
            Sentence.of("sure.left-out.edges"),
            Sentence.of("sure.left-out.ghosting"),
            Sentence.of("sure.left-out.strike-through"),
            Sentence.of("sure.left-out.acid-dyes"),
            Sentence.of("sure.left-out.finishes"),
            Sentence.of("sure.left-out.moved-tools"),
            Sentence.of("sure.left-out.sheet")));
  }

  private static List<Fact> standing() {
    List<Fact> facts = new ArrayList<>();
    facts.add(handbook("sure.fact.fibres"));
    facts.add(handbook("sure.fact.regain", perThousand(Fibre.COTTON), perThousand(Fibre.WOOL)));
    facts.add(handbook("sure.fact.melting", Fibre.POLYESTER.limit(), Fibre.POLYAMIDE_6.limit()));
    facts.add(handbook("sure.fact.polymers"));
    facts.add(handbook("sure.fact.conduction"));
    facts.add(handbook("sure.fact.vapour"));
    facts.add(handbook("sure.fact.sorption"));
    facts.add(handbook("sure.fact.open"));
    facts.add(
        estimate("sure.fact.contact", Face.HARD.gapMicrometres(), Face.STONE.gapMicrometres()));
    facts.add(estimate("sure.fact.compression"));
    facts.add(
        estimate(
            "sure.fact.pressure",
            Pressure.LIGHT.nominal(),
            Pressure.MEDIUM.nominal(),
            Pressure.FIRM.nominal()));
    facts.add(
        estimate(
            "sure.fact.force",
            newtons(PressKind.HAND_LARGE),
            newtons(PressKind.HAND_MINI),
            newtons(PressKind.IRON_DRY),
            newtons(PressKind.WAND)));
    facts.add(
        estimate(
            "sure.fact.places",
            Kelvin.of(-PlatenMap.USUAL.at(0, 1)),
            Kelvin.of(-PlatenMap.USUAL.at(1, 1))));
    facts.add(estimate("sure.fact.stones"));
    facts.add(estimate("sure.fact.irons"));
    facts.add(estimate("sure.fact.platens"));
    facts.add(
        estimate("sure.fact.drying", Seconds.of(Moisture.DRYING_SECONDS), (int) Steam.TOO_MUCH));
    facts.add(
        estimate(
            "sure.fact.scorch",
            Seconds.of(Scorch.COTTON.seconds()),
            Celsius.of(Scorch.COTTON.celsius()),
            Celsius.of(Scorch.WOOL.celsius())));
    Shine.onset(Fibre.POLYESTER).ifPresent(onset -> facts.add(estimate("sure.fact.shine", onset)));
    facts.add(estimate("sure.fact.peel", Celsius.of(Peeling.WARM), Celsius.of(Peeling.COLD)));
    for (Adhesive adhesive : Adhesive.all()) {
      facts.add(
          fitted(
              "sure.fact." + adhesive.key(),
              Celsius.of(adhesive.flowsAtCelsius()),
              Seconds.of(adhesive.needed()),
              Celsius.of(Adhesive.REFERENCE_CELSIUS)));
    }
    facts.add(fitted("sure.fact.migration"));
    facts.add(
        fitted(
            "sure.fact.sublimation",
            Seconds.of(SublimationDose.FULL),
            Celsius.of(SublimationDose.REFERENCE_CELSIUS)));
    facts.add(fitted("sure.fact.fabric-gap", Face.FABRIC.gapMicrometres()));
    return facts;
  }

  private static int newtons(PressKind tool) {
    return (int) tool.newtonsByHand();
  }

  private static int perThousand(Fibre fibre) {
    return (int) Math.round(1000 * FibreMix.of(Blend.of(fibre)).regain());
  }

  private static Fact handbook(String key, Object... arguments) {
    return new Fact(Basis.HANDBOOK, Sentence.of(key, arguments));
  }

  private static Fact estimate(String key, Object... arguments) {
    return new Fact(Basis.ESTIMATE, Sentence.of(key, arguments));
  }

  private static Fact fitted(String key, Object... arguments) {
    return new Fact(Basis.FITTED, Sentence.of(key, arguments));
  }
}
