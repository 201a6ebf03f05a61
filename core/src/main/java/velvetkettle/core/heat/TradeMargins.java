package velvetkettle.core.heat;

import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.WanderingDye;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Margins from the trade's windows and the fibres' limits, without computing any heat. The platen
 * stands in for the cloth's hottest layer, which is the cautious side. Thresholds for Mark: safe
 * from 15 K below the fibre's limit, tight above 0 K (the heat model's words, engineering
 * estimate).
 */
public final class TradeMargins {
  public static final Kelvin SAFE_CLEARANCE = Kelvin.of(15);

  private TradeMargins() {}

  static Margins margins(Pressing pressing) {
    return new Margins(hold(pressing), mark(pressing), bleed(pressing));
  }

  private static Margin hold(Pressing pressing) {
    Celsius coolest = pressing.allowed().temperature().low();
    Seconds shortest = pressing.allowed().time().low();
    if (pressing.press().kind().setsSingleStones()) {
      return Margin.tight(
          Question.HOLD,
          Sentence.of("hold.figure.stone", pressing.time()),
          Sentence.of("hold.tip"));
    }
    if (pressing.platen().compareTo(coolest) < 0) {
      return Margin.no(
          Question.HOLD,
          Sentence.of("hold.figure.kelvin", pressing.platen().above(coolest)),
          Sentence.of("hold.too-cool", pressing.platen(), coolest),
          Sentence.of("hold.too-cool.lift", coolest));
    }
    Sentence figure =
        Sentence.of(
            "hold.figure.seconds",
            Seconds.of(Math.max(0, pressing.time().count() - shortest.count())));
    if (pressing.time().compareTo(shortest) < 0) {
      return Margin.no(
          Question.HOLD,
          figure,
          Sentence.of("hold.too-short", pressing.time(), shortest),
          Sentence.of("hold.too-short.lift", shortest));
    }
    Wetting wetting = Wetting.of(pressing);
    if (wetting != Wetting.WELL) {
      return Margin.tight(Question.HOLD, figure, wetting.doubt(pressing));
    }
    if (pressing.pressure().compareTo(pressing.medium().window().pressure()) < 0) {
      return Margin.tight(
          Question.HOLD,
          figure,
          Sentence.of(
              "hold.weak-pressure", pressing.medium().window().pressure(), pressing.pressure()));
    }
    return Margin.safe(Question.HOLD, figure, Sentence.of("hold.inside", coolest, shortest));
  }

  private static Margin mark(Pressing pressing) {
    Margin margin = markOf(pressing);
    boolean single = pressing.press().kind().setsSingleStones();
    double clear = pressing.garment().bears().above(pressing.platen()).degrees();
    return single ? margin : margin.at(Pointer.ofClearance(margin.verdict(), clear, clear));
  }

  private static Margin markOf(Pressing pressing) {
    if (pressing.press().kind().setsSingleStones()) {
      return Margin.tight(
          Question.MARK,
          Sentence.of("mark.figure.tip", pressing.platen()),
          Sentence.of("mark.tip"));
    }
    Seconds longest = pressing.medium().atPress().longest();
    if (longest != null && pressing.mainPress().compareTo(longest) > 0) {
      return Margin.no(
          Question.MARK,
          Sentence.of("mark.figure.pressed", pressing.mainPress()),
          Sentence.of("mark.pressed-too-long", longest, pressing.mainPress()),
          Sentence.of("mark.pressed-too-long.lift", longest));
    }
    Blend blend = pressing.garment().blend();
    Fibre weakest = pressing.garment().weakest();
    Garment garment = pressing.garment();
    Celsius limit = garment.bears();
    boolean membrane = limit.compareTo(weakest.limit()) < 0;
    Kelvin clear = limit.above(pressing.platen());
    Sentence figure = Sentence.of("mark.figure", clear);
    if (clear.degrees() <= 0) {
      return Margin.no(
          Question.MARK,
          figure,
          membrane
              ? Sentence.of("mark.membrane.too-hot", limit, pressing.platen())
              : Sentence.of("mark.too-hot", weakest, weakest.damage(), limit, pressing.platen()),
          Sentence.of("mark.too-hot.lift", limit));
    }
    if (clear.compareTo(SAFE_CLEARANCE) < 0) {
      return Margin.tight(
          Question.MARK,
          figure,
          membrane
              ? Sentence.of("mark.membrane.near", limit)
              : Sentence.of("mark.near", weakest, weakest.damage(), limit));
    }
    IronMark iron = garment.iron();
    if (iron.warns()) {
      return Margin.tight(Question.MARK, figure, Sentence.of("mark.iron-label", iron));
    }
    if (blend.unknownPercent() > 0) {
      return Margin.tight(
          Question.MARK, figure, Sentence.of("mark.unknown-rest", percent(blend.unknownPercent())));
    }
    return Margin.safe(
        Question.MARK,
        figure,
        Sentence.of("mark.clear", weakest, weakest.damage(), weakest.limit()));
  }

  private static Margin bleed(Pressing pressing) {
    Garment garment = pressing.garment();
    WanderingDye wandering = garment.wanderingDye();
    Sentence figure = share(garment, wandering);
    if (pressing.medium().appearance().ownGround()) {
      return Margin.safe(Question.BLEED, figure, Sentence.of("bleed.own-ground"));
    }
    if (pressing.medium().construction().dyesTheCloth()) {
      return Margin.safe(Question.BLEED, figure, Sentence.of("bleed.kraft"));
    }
    DyeRisk risk = DyeRisk.of(garment);
    if (risk == DyeRisk.NONE) {
      return Margin.safe(Question.BLEED, figure, stays(garment, wandering));
    }
    if (pressing.workplace().barred()) {
      return Margin.tight(
          Question.BLEED, figure, Sentence.of("bleed.blocked-below", wandering.dye()));
    }
    if (pressing.medium().construction().metalLayer()) {
      return Margin.tight(Question.BLEED, figure, Sentence.of("bleed.metal-layer"));
    }
    if (pressing.medium().construction().blocksDye()) {
      return Margin.tight(Question.BLEED, figure, Sentence.of("bleed.blocked", wandering.dye()));
    }
    if (risk == DyeRisk.SLIGHT || !pressing.artwork().showsStains()) {
      return Margin.tight(Question.BLEED, figure, slight(garment, wandering));
    }
    return Margin.no(
        Question.BLEED,
        figure,
        Sentence.of("bleed.migrates", wandering.dye()),
        Sentence.of("bleed.migrates.lift"));
  }

  /** Of polyester, which most have; else of whatever gives dye off. */
  private static Sentence share(Garment garment, WanderingDye wandering) {
    double polyester = garment.blend().percent(Fibre.POLYESTER);
    return polyester == 0 && wandering.percent() > 0
        ? Sentence.of("bleed.gives", percent(wandering.percent()))
        : Sentence.of("bleed.figure", percent(polyester));
  }

  private static Sentence stays(Garment garment, WanderingDye wandering) {
    if (wandering.percent() == 0) {
      return Sentence.of("bleed.no-polyester");
    }
    boolean coloured = garment.colour().depth() != Depth.WHITE && wandering.dye().turnsToGas();
    return Sentence.of(
        coloured ? "bleed.little-of-it" : "bleed.dye-stays", percent(wandering.percent()));
  }

  private static Sentence slight(Garment garment, WanderingDye wandering) {
    return garment.blend().unknownPercent() >= DyeRisk.HALF
        ? Sentence.of("bleed.unknown-cloth")
        : Sentence.of("bleed.slight", wandering.dye());
  }

  private static int percent(double value) {
    return (int) Math.round(value);
  }
}
