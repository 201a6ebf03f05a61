package velvetkettle.core.plan.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import velvetkettle.core.heat.LaterHeatTolerance;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Openings;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/**
 * One pressing beside another, in what a maker would notice.
 *
 * @param openings read up to {@code longest}, s
 * @param room seconds of the first minute that are safe on all three counts at this temperature
 */
record Compared(Pressing pressing, Margins margins, Openings openings, double longest, int room) {
  /** Nobody stands longer at a press than this, s. */
  private static final double LONGEST = 180;

  /** More than this times the time now is no setting any more. */
  private static final double TIMES = 4;

  private static final int MINUTE = 60;

  /** Below these nobody would see a difference. */
  private static final double SECOND = 1;

  private static final double KELVIN = 1.5;

  static Compared of(Pressing pressing, LaterHeatTolerance bearing) {
    double longest =
        Math.min(LONGEST, Math.max(MINUTE, Math.ceil(TIMES * pressing.time().count())));
    Pressing closed = pressing.at(pressing.platen(), Seconds.of(longest));
    Openings openings = openings(closed);
    Openings hottest =
        pressing.workplace().under().isEven() ? openings : openings(closed.atHottest());
    return new Compared(
        pressing,
        bearing.after(Exposure.NONE),
        openings,
        longest,
        room(bearing, openings, hottest));
  }

  private static Openings openings(Pressing closed) {
    return new Openings(
        closed,
        PressSimulation.of(closed, closed.untilPressed(), ParameterSample.NOMINAL, Detail.FINE));
  }

  /** How many seconds of the first minute are safe on all three counts at this temperature. */
  private static int room(LaterHeatTolerance bearing, Openings coolest, Openings hottest) {
    return (int)
        IntStream.rangeClosed(1, MINUTE)
            .mapToObj(second -> bearing.opened(coolest.at(second).harmedAs(hottest.at(second))))
            .filter(
                words ->
                    words.hold() == Verdict.SAFE
                        && words.mark() == Verdict.SAFE
                        && words.bleed() == Verdict.SAFE)
            .count();
  }

  private Reading reading() {
    return openings.at(pressing.time().count());
  }

  double bond() {
    return reading().bond();
  }

  double glueLine() {
    return reading().glueLine();
  }

  /** How long it takes until the bond is so good; empty where it never is, or needs no press. */
  Optional<Seconds> secondsUntil(double bond) {
    for (double second = 1; second <= longest; second++) {
      if (openings.at(second).bond() >= bond - 1e-6) {
        return bond > 0 ? Optional.of(Seconds.of(second)) : Optional.empty();
      }
    }
    return Optional.empty();
  }

  /** Whether a longer press would do. */
  boolean onlyHoldFails() {
    return margins.hold().verdict() == Verdict.NO
        && margins.mark().verdict() != Verdict.NO
        && margins.bleed().verdict() != Verdict.NO;
  }

  /** What matters most: a word that changes, the time, steam, or nothing. */
  Sentence difference(Compared before) {
    List<Sentence> all = differences(before, "");
    return all.isEmpty() ? Sentence.of("whatif.same") : all.get(0);
  }

  List<Sentence> told(Compared before) {
    List<Sentence> all = differences(before, "-told");
    double hotter = glueLine() - before.glueLine();
    if (Math.abs(hotter) >= KELVIN) {
      all.add(
          Sentence.of(
              hotter > 0 ? "whatif.glue-line-hotter" : "whatif.glue-line-cooler",
              Kelvin.of(Math.round(Math.abs(hotter)))));
    }
    all.add(Sentence.of("whatif.bond", Times.upTo(bond()), Times.upTo(before.bond())));
    return all;
  }

  /** With the time that the same bond takes, as a difference or told in words. */
  private List<Sentence> differences(Compared before, String how) {
    List<Sentence> all = words(before, true);
    if (reading().steam() > Steam.TOO_MUCH && before.reading().steam() <= Steam.TOO_MUCH) {
      all.add(Sentence.of("whatif.steam", (int) Math.round(reading().steam())));
    }
    all.addAll(words(before, false));
    longer(before, how).ifPresent(all::add);
    return all;
  }

  /** The words that are others now: those that say no, or the rest. */
  private List<Sentence> words(Compared before, boolean no) {
    List<Margin> was = before.margins.all().toList();
    List<Margin> is = margins.all().toList();
    List<Sentence> words = new ArrayList<>();
    for (int i = 0; i < is.size(); i++) {
      Verdict word = is.get(i).verdict();
      if (word != was.get(i).verdict() && (word == Verdict.NO) == no) {
        words.add(Sentence.of("whatif.says." + low(is.get(i).question()) + "." + low(word)));
      }
    }
    return words;
  }

  private static String low(Enum<?> word) {
    return word.name().toLowerCase(Locale.ROOT);
  }

  private Optional<Sentence> longer(Compared before, String how) {
    Optional<Seconds> same = secondsUntil(before.bond());
    Optional<Seconds> then = before.secondsUntil(before.bond());
    if (same.isEmpty() || then.isEmpty()) {
      return bond() < before.bond() && before.bond() > 0
          ? Optional.of(Sentence.of("whatif.never"))
          : Optional.empty();
    }
    double more = same.get().count() - then.get().count();
    return Math.abs(more) < SECOND
        ? Optional.empty()
        : Optional.of(
            Sentence.of(
                (more > 0 ? "whatif.longer" : "whatif.sooner") + how, Seconds.of(Math.abs(more))));
  }
}
