package velvetkettle.core.heat;

import java.util.Optional;
import java.util.stream.Stream;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.dose.Resublimation;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.dose.Softening;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/**
 * What came of one pressing of which everything is known. Where a margin says how far it is to
 * trouble over all presses that it might have been, this says whether there was trouble: safe where
 * there was none, tight where it can be seen or felt, no where the piece is spoilt. The lines are
 * those of the margins.
 */
public record PressDiagnosis(Ended hold, Ended mark, Ended bleed) {
  /** From so many times the visible on, nobody thinks in percent. */
  private static final double MANY = 3;

  /** One question's answer in words. */
  public record Ended(Question question, Verdict verdict, Sentence sentence) {
    private static Ended of(Question question, Verdict verdict, String key, Object... arguments) {
      return new Ended(question, verdict, Sentence.of(key, arguments));
    }
  }

  /**
   * @param platen how hot the platen truly was where it met the cloth beside the art, °C
   */
  public static PressDiagnosis of(Pressing pressing, Reading reading, double platen) {
    return new PressDiagnosis(
        hold(pressing, reading), mark(pressing, reading, platen), bleed(pressing, reading));
  }

  public Stream<Ended> all() {
    return Stream.of(hold, mark, bleed);
  }

  /** The same with another answer to Hold. */
  public PressDiagnosis holding(Ended other) {
    return new PressDiagnosis(other, mark, bleed);
  }

  private static Ended hold(Pressing pressing, Reading reading) {
    double bond = reading.bond();
    String about = pressing.medium().construction().dyesTheCloth() ? "print" : "glue";
    Times times = Times.upTo(bond);
    if (bond < HoldMargin.TIGHT_FROM) {
      return Ended.of(Question.HOLD, Verdict.NO, "ended.hold." + about + ".no", times);
    }
    if (bond < HoldMargin.SAFE_FROM) {
      return Ended.of(Question.HOLD, Verdict.TIGHT, "ended.hold." + about + ".tight", times);
    }
    if (reading.steam() > Steam.TOO_MUCH) {
      int steam = (int) Math.round(reading.steam());
      return Ended.of(Question.HOLD, Verdict.TIGHT, "ended.hold.steam", steam);
    }
    if (bond > HoldMargin.STRIKES_THROUGH && about.equals("glue")) {
      return Ended.of(Question.HOLD, Verdict.TIGHT, "ended.hold.strikes-through", times);
    }
    return Ended.of(Question.HOLD, Verdict.SAFE, "ended.hold." + about + ".safe", times);
  }

  private static Ended mark(Pressing pressing, Reading reading, double platen) {
    Fibre weakest = pressing.garment().weakest();
    if (platen >= weakest.limit().degrees()) {
      return Ended.of(
          Question.MARK, Verdict.NO, "ended.mark.beside", weakest, weakest.damage(), whole(platen));
    }
    Optional<Fibre> soft =
        fibres(pressing)
            .filter(
                fibre ->
                    Softening.of(fibre)
                        .filter(line -> line.degrees() <= reading.hottestCloth())
                        .isPresent())
            .findFirst();
    if (soft.isPresent()) {
      return Ended.of(
          Question.MARK,
          Verdict.NO,
          "ended.mark.line",
          soft.get(),
          soft.get().damage(),
          whole(reading.hottestCloth()));
    }
    double scorch = reading.scorch();
    if (scorch >= MarkMargin.SAFE_SCORCH) {
      if (scorch < MarkMargin.VISIBLE) {
        return Ended.of(Question.MARK, Verdict.TIGHT, "ended.mark.scorch.tight", percent(scorch));
      }
      return scorch < MANY
          ? Ended.of(Question.MARK, Verdict.NO, "ended.mark.scorch.no", percent(scorch))
          : Ended.of(Question.MARK, Verdict.NO, "ended.mark.scorch.no-times", times(scorch));
    }
    Optional<Fibre> shiny = fibres(pressing).filter(fibre -> shines(fibre, reading)).findFirst();
    return shiny
        .map(fibre -> Ended.of(Question.MARK, Verdict.TIGHT, "ended.mark.shine", fibre))
        .orElseGet(
            () ->
                Ended.of(
                    Question.MARK, Verdict.SAFE, "ended.mark.safe", whole(reading.hottestCloth())));
  }

  private static Stream<Fibre> fibres(Pressing pressing) {
    return pressing.garment().pressedFibres().stream();
  }

  private static boolean shines(Fibre fibre, Reading reading) {
    return Shine.onset(fibre).filter(o -> o.degrees() <= reading.bareShine()).isPresent();
  }

  private static Celsius whole(double celsius) {
    return Celsius.of(Math.round(celsius));
  }

  private static Ended bleed(Pressing pressing, Reading reading) {
    if (reading.fading() > Resublimation.FADES_ABOVE) {
      return Ended.of(Question.BLEED, Verdict.TIGHT, "ended.bleed.fades");
    }
    if (BleedMargin.notModelled(pressing.garment())) {
      return Ended.of(Question.BLEED, Verdict.SAFE, "ended.bleed.not-modelled");
    }
    double tint = reading.tint();
    if (tint < BleedMargin.SAFE_TINT || DyeRisk.of(pressing.garment()) == DyeRisk.NONE) {
      return Ended.of(Question.BLEED, Verdict.SAFE, "ended.bleed.safe");
    }
    boolean seen = tint >= BleedMargin.VISIBLE && BleedMargin.isSeen(pressing);
    if (seen) {
      return tint < MANY
          ? Ended.of(Question.BLEED, Verdict.NO, "ended.bleed.no", percent(tint))
          : Ended.of(Question.BLEED, Verdict.NO, "ended.bleed.no-times", times(tint));
    }
    return tint < MANY
        ? Ended.of(Question.BLEED, Verdict.TIGHT, "ended.bleed.tight", percent(tint))
        : Ended.of(Question.BLEED, Verdict.TIGHT, "ended.bleed.tight-times", times(tint));
  }

  private static int percent(double ofVisible) {
    return (int) Math.round(100 * ofVisible);
  }

  private static int times(double visible) {
    return (int) Math.min(1000, Math.round(visible));
  }
}
