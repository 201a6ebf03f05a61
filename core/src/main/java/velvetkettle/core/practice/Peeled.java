package velvetkettle.core.practice;

import velvetkettle.core.heat.PressDiagnosis.Ended;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/**
 * What a peel does at a temperature of the glue line: too hot and the glue comes with the carrier,
 * too cold and a carrier that wants heat tears at the edge. Lines beyond those of a warm and a cold
 * peel: engineering estimates.
 */
final class Peeled {
  /** Above this it strings, °C. */
  private static final double SOFT = 72;

  /** Below this a hot peel has set, °C. */
  private static final double SET = 55;

  /** A cold peel is good to here, °C. */
  private static final double COOL = Peeling.COLD + 5;

  private Peeled() {}

  /**
   * @param celsius of the glue line when the carrier comes off
   */
  static Ended of(Peel peel, double celsius) {
    Verdict verdict =
        switch (peel) {
          case HOT -> celsius < SET ? Verdict.TIGHT : Verdict.SAFE;
          case WARM -> warm(celsius);
          case COLD -> cold(celsius);
          case NONE -> Verdict.SAFE;
        };
    boolean tooHot = peel != Peel.HOT && celsius > Peeling.COLD;
    String key = verdict == Verdict.SAFE ? "good" : tooHot ? "too-hot." + low(verdict) : "too-cold";
    return new Ended(
        Question.HOLD,
        verdict,
        Sentence.of("ended.peel." + key, peel, Celsius.of(Math.round(celsius))));
  }

  /** Most films that are peeled warm bear it hot, with an edge pulled up here and there. */
  private static Verdict warm(double celsius) {
    return celsius > SOFT || celsius < Peeling.COLD ? Verdict.TIGHT : Verdict.SAFE;
  }

  private static Verdict cold(double celsius) {
    if (celsius > Peeling.WARM) {
      return Verdict.NO;
    }
    return celsius > COOL ? Verdict.TIGHT : Verdict.SAFE;
  }

  private static String low(Verdict verdict) {
    return verdict == Verdict.NO ? "no" : "tight";
  }
}
