package velvetkettle.core.heat;

import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/**
 * Hold from the bond dose: safe where nine of ten presses reach 1.3 times what is needed, tight
 * where half of them reach it and nine of ten half of it, else no. What stands on a pile is pressed
 * lightly and holds by practice: there a "no" of the computation is tight. Above ten times the glue
 * may strike through (engineering estimates).
 */
record HoldMargin(Pressing pressing, Reading reading, Spread spread, Margin practice) {
  static final double SAFE_FROM = 1.3;
  static final double TIGHT_FROM = 1;

  /** What nine of ten presses reach at least, of what is needed. */
  static final double ONE_IN_TEN = 0.5;

  static final double STRIKES_THROUGH = 10;

  /** Nobody stands longer at a press than this, s. */
  private static final double LONGEST = 180;

  Verdict verdict() {
    if (outsideTheSheet()) {
      return practice.verdict();
    }
    if (isShort()) {
      return holdsByPractice() ? Verdict.TIGHT : Verdict.NO;
    }
    return spread.bondReached(reading) >= SAFE_FROM ? Verdict.SAFE : Verdict.TIGHT;
  }

  Margin margin() {
    if (outsideTheSheet()) {
      return practice;
    }
    double nineOfTen = spread.bondReached(reading);
    Sentence figure = Sentence.of("hold.figure.times", Times.upTo(reading.bond()));
    Verdict verdict = verdict();
    Pointer pointer = Pointer.ofBond(verdict, nineOfTen, reading.bond());
    if (isShort()) {
      return holdsByPractice()
          ? Margin.tight(Question.HOLD, figure, onPile())
          : no(figure).byHeat().at(pointer);
    }
    Margin margin =
        verdict == Verdict.SAFE
            ? Margin.safe(Question.HOLD, figure, says("safe", nineOfTen))
            : Margin.tight(Question.HOLD, figure, says("tight", nineOfTen));
    return warned(margin.byHeat().at(pointer));
  }

  /** The material's own sheet comes before anything that was computed. */
  private boolean outsideTheSheet() {
    return pressing.allowed().bySheet() && practice.verdict() == Verdict.NO;
  }

  private boolean isShort() {
    return reading.bond() < TIGHT_FROM || spread.bondReached(reading) < ONE_IN_TEN;
  }

  /**
   * The computation has no pile: it takes the tips for a gap that heat and pressure have to cross.
   */
  private boolean holdsByPractice() {
    return pressing.garment().fabric().is(Fabric.Trait.PILE)
        && pressing.medium().construction().bridgesPile()
        && practice.verdict() != Verdict.NO;
  }

  private Sentence onPile() {
    return Sentence.of("hold.on-pile", pressing.garment().fabric());
  }

  private Sentence says(String word, double nineOfTen) {
    String about = pressing.medium().construction().dyesTheCloth() ? "print" : "glue";
    return Sentence.of("hold.heat." + about + "." + word, Times.upTo(nineOfTen));
  }

  private Margin no(Sentence figure) {
    if (pressing.medium().construction().dyesTheCloth()) {
      return Margin.no(
          Question.HOLD,
          figure,
          Sentence.of("hold.heat.print.no"),
          Sentence.of("hold.heat.print.no.lift"));
    }
    boolean uneven = reading.bond() >= TIGHT_FROM;
    double times = uneven ? ONE_IN_TEN * reading.bond() / spread.bondReached(reading) : 1;
    double needed = HeatMargins.secondsUntil(pressing, times, LONGEST);
    Sentence lift =
        Double.isNaN(needed)
            ? Sentence.of("hold.heat.glue.no.lift-hotter")
            : Sentence.of("hold.heat.glue.no.lift-longer", Seconds.of(Math.ceil(needed)));
    return Margin.no(
        Question.HOLD,
        figure,
        Sentence.of(uneven ? "hold.heat.glue.no-one-in-ten" : "hold.heat.glue.no"),
        lift);
  }

  /** What the computation does not know: finishes and shells that glue hardly wets. */
  private Margin warned(Margin margin) {
    boolean steams = reading.steam() > Steam.TOO_MUCH;
    if (steams) {
      margin = margin.warned(Sentence.of("hold.heat.steam", (int) Math.round(reading.steam())));
    }
    if (reading.bond() > STRIKES_THROUGH && !pressing.medium().construction().dyesTheCloth()) {
      margin = margin.warned(Sentence.of("hold.heat.strikes-through"));
    }
    Wetting wetting = Wetting.of(pressing);
    return wetting == Wetting.WELL || practice.verdict() != Verdict.TIGHT
        ? margin
        : margin.warned(wetting.doubt(pressing));
  }
}
