package velvetkettle.core.heat;

import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.dose.Resublimation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Sentence;

/**
 * Bleed from the dye that wanders into what lies on the cloth: safe where nine of ten presses stay
 * below 0.4 of a visible tint on white, tight where half of them stay below 1, else no. Where
 * practice says no, as for light film on dark polyester even at 120 °C, only "safe" lifts that.
 * Acid dyes on nylon are not modelled; a patch and a sublimated print have nothing light on the
 * cloth to stain (fitted to common practice).
 */
record BleedMargin(Pressing pressing, Reading reading, Spread spread, Margin practice) {
  static final double SAFE_TINT = 0.4;
  static final double VISIBLE = 1;

  Margin margin() {
    Margin margin = stains();
    if (!fades()) {
      return margin;
    }
    Sentence why =
        Sentence.of(
            pressing.hasPrintedPiece() ? "bleed.heat.piece-fades" : "bleed.heat.print-fades");
    return margin.verdict() == Verdict.SAFE
        ? Margin.tight(Question.BLEED, margin.figure(), why)
        : margin.warned(why);
  }

  private boolean fades() {
    return reading.fading() > Resublimation.FADES_ABOVE;
  }

  private Margin stains() {
    Garment garment = pressing.garment();
    if (notModelled(garment)) {
      return practice.verdict() == Verdict.SAFE
          ? Margin.safe(Question.BLEED, practice.figure(), Sentence.of("bleed.heat.not-modelled"))
          : practice;
    }
    if (practiceSpeaks()) {
      return practice;
    }
    Sentence figure =
        Sentence.of("bleed.heat.figure", (int) Math.min(100_000, Math.round(100 * reading.tint())));
    Pointer pointer =
        Pointer.ofDose(byTint(), spread.tintBelow(reading), reading.tint(), SAFE_TINT);
    return switch (byTint()) {
      case SAFE -> Margin.safe(Question.BLEED, figure, said("safe")).byHeat().at(pointer);
      case TIGHT -> Margin.tight(Question.BLEED, figure, said("tight")).byHeat().at(pointer);
      case NO -> no(figure).at(pointer);
    };
  }

  Verdict verdict() {
    Verdict stains = practiceSpeaks() ? practice.verdict() : byTint();
    return fades() && stains == Verdict.SAFE ? Verdict.TIGHT : stains;
  }

  private Verdict byTint() {
    if (spread.tintBelow(reading) < SAFE_TINT && isKnown(pressing.garment())) {
      return Verdict.SAFE;
    }
    boolean forgiven = reading.tint() <= VISIBLE && practice.verdict() != Verdict.NO;
    return forgiven || !isSeen(pressing) ? Verdict.TIGHT : Verdict.NO;
  }

  /** Where no dye wanders into what lies there, or the computation does not know how. */
  private boolean practiceSpeaks() {
    return notModelled(pressing.garment())
        || pressing.workplace().barred()
        || pressing.medium().appearance().ownGround()
        || pressing.medium().construction().dyesTheCloth()
        || pressing.medium().construction().metalLayer()
        || DyeRisk.of(pressing.garment()) == DyeRisk.NONE
        || reading.tint() == 0;
  }

  /** Of shares and shades that practice presses, the computation only warns. */
  static boolean isSeen(Pressing pressing) {
    return pressing.artwork().showsStains() && DyeRisk.of(pressing.garment()) == DyeRisk.HIGH;
  }

  private static boolean isKnown(Garment garment) {
    return garment.blend().unknownPercent() < DyeRisk.HALF;
  }

  private Margin no(Sentence figure) {
    Garment garment = pressing.garment();
    return Margin.no(
            Question.BLEED,
            figure,
            Sentence.of("bleed.migrates", garment.wanderingDye().dye()),
            Sentence.of("bleed.migrates.lift"))
        .byHeat();
  }

  private Sentence said(String word) {
    String about = pressing.medium().construction().blocksDye() ? "blocked" : "open";
    return Sentence.of("bleed.heat." + about + "." + word, pressing.garment().wanderingDye().dye());
  }

  static boolean notModelled(Garment garment) {
    double nylon =
        garment.blend().percent(Fibre.POLYAMIDE_6) + garment.blend().percent(Fibre.POLYAMIDE_66);
    return nylon > 0 && garment.dye() == DyeKind.ACID;
  }
}
