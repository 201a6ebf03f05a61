package velvetkettle.core.heat;

import java.util.Comparator;
import java.util.Optional;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.heat.dose.Scorch;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.dose.Softening;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.heat.turn.Reading;
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
  private static final double SAFE_SCORCH = 0.3;
  private static final double VISIBLE = 1;

  Margin margin() {
    if (practice.verdict() == Verdict.NO) {
      return practice;
    }
    Blend blend = pressing.garment().blend();
    Optional<Fibre> softens =
        blend.shares().stream()
            .filter(FibreShare::counts)
            .map(FibreShare::fibre)
            .filter(fibre -> Softening.of(fibre).isPresent())
            .min(Comparator.comparing(Fibre::limit));
    Margin heat = softens.map(this::line).orElseGet(this::scorch);
    if (softens.isPresent() && rank(scorch()) > rank(heat)) {
      heat = scorch();
    }
    return warned(heat.byHeat());
  }

  private static int rank(Margin margin) {
    return margin.verdict().ordinal();
  }

  private Margin line(Fibre fibre) {
    Celsius line = Softening.of(fibre).orElseThrow();
    double clear = line.degrees() - reading.hottestCloth();
    double nineOfTen = line.degrees() - spread.hottestCloth(reading.hottestCloth());
    Sentence figure = Sentence.of("mark.figure", Kelvin.of(Math.round(clear)));
    if (clear <= 0) {
      return Margin.no(
          Question.MARK,
          figure,
          Sentence.of(
              "mark.heat.too-hot", fibre, fibre.damage(), line, Celsius.of(reading.hottestCloth())),
          Sentence.of("mark.too-hot.lift", line));
    }
    return nineOfTen >= PracticeMargins.SAFE_CLEARANCE.degrees()
        ? Margin.safe(Question.MARK, figure, Sentence.of("mark.clear", fibre, fibre.damage(), line))
        : Margin.tight(
            Question.MARK, figure, Sentence.of("mark.near", fibre, fibre.damage(), line));
  }

  private Margin scorch() {
    double dose = reading.scorch();
    double nineOfTen = Spread.stayedBelow(dose, spread.scorch());
    Sentence figure = Sentence.of("mark.heat.scorch.figure", (int) Math.round(100 * dose));
    Fibre fibre = yellowsFirst();
    if (dose >= VISIBLE) {
      return Margin.no(
          Question.MARK,
          figure,
          Sentence.of("mark.heat.scorch.no", fibre),
          Sentence.of("mark.heat.scorch.no.lift"));
    }
    return nineOfTen < SAFE_SCORCH
        ? Margin.safe(Question.MARK, figure, Sentence.of("mark.heat.scorch.safe", fibre))
        : Margin.tight(Question.MARK, figure, Sentence.of("mark.heat.scorch.tight", fibre));
  }

  private Fibre yellowsFirst() {
    Blend blend = pressing.garment().blend();
    return blend.shares().stream()
        .filter(FibreShare::counts)
        .map(FibreShare::fibre)
        .filter(fibre -> Scorch.of(fibre).isPresent())
        .min(Comparator.comparing(Fibre::limit))
        .orElse(blend.weakest());
  }

  private Margin warned(Margin margin) {
    IronMark iron = pressing.garment().iron();
    if (iron.warns()) {
      margin = margin.warned(Sentence.of("mark.iron-label", iron));
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
    return pressing.garment().blend().shares().stream()
        .filter(FibreShare::counts)
        .map(FibreShare::fibre)
        .filter(
            fibre ->
                Shine.onset(fibre)
                    .filter(onset -> reading.bareShine() >= onset.degrees())
                    .isPresent())
        .findFirst();
  }
}
