package velvetkettle.core.heat;

import java.util.Comparator;
import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.heat.dose.Scorch;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.dose.Softening;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;

/**
 * Mark from the hottest cloth and the scorch dose: safe where nine of ten presses stay 15 K below
 * where a fibre sticks or melts and below 0.3 of a visible scorch; tight where half of them stay
 * below both; else no. An iron label and shine warn by one step and never forbid (engineering
 * estimates). A platen at a fibre's published limit stays forbidden: beside the art the cloth lies
 * bare under it.
 */
record MarkMargin(Pressing pressing, Reading reading, Spread spread, Margin practice) {
  static final double SAFE_SCORCH = 0.3;
  static final double VISIBLE = 1;

  Margin margin() {
    if (practice.verdict() == Verdict.NO) {
      return practice;
    }
    Optional<Fibre> softens = softensFirst();
    boolean scorches = softens.isEmpty() || byScorch().ordinal() > byLine(softens.get()).ordinal();
    Margin margin =
        scorches
            ? scorch().at(scorchPointer())
            : line(softens.get()).at(linePointer(softens.get()));
    return warned(margin.byHeat());
  }

  private Pointer scorchPointer() {
    return Pointer.ofDose(byScorch(), spread.scorchBelow(reading), reading.scorch(), SAFE_SCORCH);
  }

  private Pointer linePointer(Fibre fibre) {
    double line = Softening.of(fibre).orElseThrow().degrees();
    return Pointer.ofClearance(
        byLine(fibre), line - spread.clothBelow(reading), line - reading.hottestCloth());
  }

  Verdict verdict() {
    if (practice.verdict() == Verdict.NO) {
      return Verdict.NO;
    }
    Verdict byScorch = byScorch();
    Verdict byLine = softensFirst().map(this::byLine).orElse(Verdict.SAFE);
    return byScorch.ordinal() > byLine.ordinal() ? byScorch : byLine;
  }

  private Optional<Fibre> softensFirst() {
    return pressing.garment().pressedFibres().stream()
        .filter(fibre -> Softening.of(fibre).isPresent())
        .min(Comparator.comparing(Fibre::limit));
  }

  private Verdict byLine(Fibre fibre) {
    double line = Softening.of(fibre).orElseThrow().degrees();
    if (line <= reading.hottestCloth()) {
      return Verdict.NO;
    }
    double clear = line - spread.clothBelow(reading);
    return clear >= TradeMargins.SAFE_CLEARANCE.degrees() ? Verdict.SAFE : Verdict.TIGHT;
  }

  private Verdict byScorch() {
    if (reading.scorch() >= VISIBLE) {
      return Verdict.NO;
    }
    return spread.scorchBelow(reading) < SAFE_SCORCH ? Verdict.SAFE : Verdict.TIGHT;
  }

  private Margin line(Fibre fibre) {
    Celsius line = Softening.of(fibre).orElseThrow();
    double clear = line.degrees() - reading.hottestCloth();
    Sentence figure = Sentence.of("mark.figure", Kelvin.of(Math.round(clear)));
    Verdict verdict = byLine(fibre);
    if (verdict == Verdict.NO) {
      return Margin.no(
          Question.MARK,
          figure,
          Sentence.of(
              "mark.heat.too-hot", fibre, fibre.damage(), line, Celsius.of(reading.hottestCloth())),
          Sentence.of("mark.too-hot.lift", line));
    }
    return verdict == Verdict.SAFE
        ? Margin.safe(Question.MARK, figure, Sentence.of("mark.clear", fibre, fibre.damage(), line))
        : Margin.tight(
            Question.MARK, figure, Sentence.of("mark.near", fibre, fibre.damage(), line));
  }

  private Margin scorch() {
    double dose = reading.scorch();
    Sentence figure = Sentence.of("mark.heat.scorch.figure", (int) Math.round(100 * dose));
    Fibre fibre = yellowsFirst();
    Verdict verdict = byScorch();
    if (verdict == Verdict.NO) {
      return Margin.no(
          Question.MARK,
          figure,
          Sentence.of("mark.heat.scorch.no", fibre),
          Sentence.of("mark.heat.scorch.no.lift"));
    }
    return verdict == Verdict.SAFE
        ? Margin.safe(Question.MARK, figure, Sentence.of("mark.heat.scorch.safe", fibre))
        : Margin.tight(Question.MARK, figure, Sentence.of("mark.heat.scorch.tight", fibre));
  }

  private Fibre yellowsFirst() {
    return pressing.garment().pressedFibres().stream()
        .filter(fibre -> Scorch.of(fibre).isPresent())
        .min(Comparator.comparing(Fibre::limit))
        .orElse(pressing.garment().weakest());
  }

  private Margin warned(Margin margin) {
    IronMark iron = pressing.garment().iron();
    if (iron.warns()) {
      margin = margin.warned(Sentence.of("mark.iron-label", iron));
    }
    Celsius limit = pressing.garment().bears();
    if (practice.verdict() == Verdict.TIGHT
        && pressing.garment().fabric().is(Fabric.Trait.LAMINATE)) {
      margin = margin.warned(Sentence.of("mark.membrane.near", limit));
    }
    double unknown = pressing.garment().blend().unknownPercent();
    if (unknown > 0) {
      margin = margin.warned(Sentence.of("mark.unknown-rest", (int) Math.round(unknown)));
    }
    Optional<Fibre> shines = shines();
    return shines.isEmpty()
        ? margin
        : margin.warned(
            Sentence.of("mark.heat.shine", shines.get(), Shine.onset(shines.get()).orElseThrow()));
  }

  private Optional<Fibre> shines() {
    return pressing.garment().pressedFibres().stream()
        .filter(
            fibre ->
                Shine.onset(fibre)
                    .filter(onset -> reading.bareShine() >= onset.degrees())
                    .isPresent())
        .findFirst();
  }
}
