package velvetkettle.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import velvetkettle.core.heat.PressDiagnosis;
import velvetkettle.core.heat.PressDiagnosis.Ended;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * What was to blame for what went wrong: the worst place is pressed again with one thing otherwise
 * at a time, and what then comes out better was to blame. Where nothing alone does, two things at a
 * time are tried, the maker's own settings first; where no two do, what helps most is named.
 */
final class Blame {
  /** Nobody would notice less, K. */
  private static final double NOTICED = 2;

  private static final int MOST = 3;

  private final Worked worked;
  private final Settings own;
  private final Celsius dial;
  private final Practised.BetterSetting better;
  private final List<Condition> places;
  private final List<Condition.PressedResult> came;

  /**
   * @param places the nine as they were pressed
   * @param came what came of each
   */
  Blame(
      Worked worked,
      Celsius dial,
      Settings own,
      List<Condition> places,
      List<Condition.PressedResult> came) {
    this.worked = worked;
    this.dial = dial;
    this.own = own;
    this.places = places;
    this.came = came;
    better = worked.better();
  }

  /** The worst of all places, question by question. */
  PressDiagnosis whole() {
    return new PressDiagnosis(
        ended(PressDiagnosis::hold), ended(PressDiagnosis::mark), ended(PressDiagnosis::bleed));
  }

  private Ended ended(Function<PressDiagnosis, Ended> question) {
    return question.apply(came.get(worst(question)).ending());
  }

  List<Practised.Mistake> wrong() {
    return Stream.<Function<PressDiagnosis, Ended>>of(
            PressDiagnosis::hold, PressDiagnosis::mark, PressDiagnosis::bleed)
        .flatMap(question -> wrong(question).stream())
        .toList();
  }

  private List<Practised.Mistake> wrong(Function<PressDiagnosis, Ended> question) {
    int worst = worst(question);
    Ended ended = question.apply(came.get(worst).ending());
    if (ended.verdict() == Verdict.SAFE) {
      return List.of();
    }
    Case as = new Case(dial, own, places.get(worst));
    List<Tried> one = tried(as, changes(places.get(worst)).stream().map(List::of).toList());
    List<Sentence> alone = helping(one, question, ended);
    if (!alone.isEmpty()) {
      return List.of(new Practised.Mistake(ended.question(), ended, alone, false));
    }
    List<Tried> two = tried(as, pairs(changes(places.get(worst))));
    List<Sentence> both = helping(two, question, ended);
    List<Sentence> said = both.isEmpty() ? most(ended.question(), worst, one) : both;
    return List.of(new Practised.Mistake(ended.question(), ended, said, true));
  }

  private List<Tried> tried(Case as, List<List<Change>> changes) {
    return changes.parallelStream()
        .map(all -> new Tried(all, as.with(all, worked).came()))
        .toList();
  }

  private static List<List<Change>> pairs(List<Change> changes) {
    List<List<Change>> pairs = new ArrayList<>();
    for (int a = 0; a < changes.size(); a++) {
      for (int b = a + 1; b < changes.size(); b++) {
        pairs.add(List.of(changes.get(a), changes.get(b)));
      }
    }
    return pairs;
  }

  /** Single changes that help, the best first; of several at once only the first that does. */
  private static List<Sentence> helping(
      List<Tried> tried, Function<PressDiagnosis, Ended> question, Ended ended) {
    List<Tried> better =
        tried.stream()
            .filter(t -> question.apply(t.came.ending()).verdict().compareTo(ended.verdict()) < 0)
            .sorted(Comparator.comparing(t -> question.apply(t.came.ending()).verdict()))
            .toList();
    boolean single = better.stream().allMatch(t -> t.changes.size() == 1);
    return better.stream()
        .limit(single ? MOST : 1)
        .flatMap(t -> t.changes.stream())
        .map(Change::say)
        .toList();
  }

  /** The place where it came out worst; of several alike the one that is furthest off. */
  private int worst(Function<PressDiagnosis, Ended> question) {
    int worst = 0;
    for (int i = 1; i < came.size(); i++) {
      int than = verdict(question, i).compareTo(verdict(question, worst));
      Question asked = question.apply(came.get(i).ending()).question();
      boolean further = than == 0 && bad(asked, i) > bad(asked, worst);
      worst = than > 0 || further ? i : worst;
    }
    return worst;
  }

  private Verdict verdict(Function<PressDiagnosis, Ended> question, int place) {
    return question.apply(came.get(place).ending()).verdict();
  }

  private double bad(Question question, int place) {
    return bad(question, came.get(place));
  }

  /** The more the worse. */
  private static double bad(Question question, Condition.PressedResult came) {
    return switch (question) {
      case HOLD -> -came.reading().bond();
      case MARK -> came.reading().hottestCloth();
      default -> came.reading().tint() + came.reading().fading();
    };
  }

  private List<Sentence> most(Question question, int worst, List<Tried> tried) {
    double before = bad(question, worst);
    return tried.stream()
        .filter(t -> bad(question, t.came) < before - Math.abs(before) / 50)
        .sorted(Comparator.comparingDouble(t -> bad(question, t.came)))
        .flatMap(t -> t.changes.stream())
        .map(Change::say)
        .limit(MOST)
        .toList();
  }

  /** How a place was pressed, and by what. */
  private record Case(Celsius dial, Settings settings, Condition place) {
    Condition with(List<Change> changes, Worked worked) {
      Case changed = this;
      for (Change change : changes) {
        changed = change.made.apply(changed);
      }
      boolean same = changed.dial.equals(dial) && changed.settings.equals(settings);
      return same
          ? changed.place
          : changed.place.pressed(worked.pressing(changed.dial, changed.settings));
    }

    Case set(Celsius other) {
      return new Case(other, settings, place);
    }

    Case settled(UnaryOperator<Settings> change) {
      return new Case(dial, change.apply(settings), place);
    }

    Case placed(UnaryOperator<Condition> change) {
      return new Case(dial, settings, change.apply(place));
    }
  }

  private record Change(Sentence say, UnaryOperator<Case> made) {}

  private record Tried(List<Change> changes, Condition.PressedResult came) {}

  private List<Change> changes(Condition place) {
    List<Change> all = new ArrayList<>();
    settings(all);
    ofPress(place, all);
    return all;
  }

  /** What the maker set otherwise than sheet, trade and heat would. */
  private void settings(List<Change> all) {
    Settings theirs = better.settings();
    if (!dial.equals(better.dial())) {
      all.add(
          new Change(Sentence.of("blame.dial", dial, better.dial()), as -> as.set(better.dial())));
    }
    if (!own.time().equals(theirs.time())) {
      settled(all, "time", own.time(), theirs.time(), s -> s.lasting(theirs.time()));
    }
    if (own.cover() != theirs.cover()) {
      settled(all, "cover", own.cover(), theirs.cover(), s -> s.under(theirs.cover()));
    }
    boolean byHand = worked.press().kind().pressedByHand();
    if (!byHand && own.pressure() != theirs.pressure()) {
      settled(all, "pressure", own.pressure(), theirs.pressure(), s -> s.with(theirs.pressure()));
    }
    if (!own.drying().equals(theirs.drying())) {
      String key = own.drying().count() == 0 ? "not-dried" : "drying";
      settled(all, key, own.drying(), theirs.drying(), s -> s.dried(theirs.drying()));
    }
    Seconds wait = theirs.peelAfter();
    if (wait != null && !wait.equals(own.peelAfter())) {
      Seconds waited = own.peelAfter() == null ? Seconds.of(0) : own.peelAfter();
      settled(all, "peel", waited, wait, s -> s.peeledAfter(wait));
    }
  }

  private static void settled(
      List<Change> all, String key, Object was, Object would, UnaryOperator<Settings> change) {
    all.add(new Change(Sentence.of("blame." + key, was, would), as -> as.settled(change)));
  }

  /** What the press and the cloth had of their own. */
  private static void ofPress(Condition place, List<Change> all) {
    SimulatedPress press = place.press();
    double off = press.nature().readsHigh().degrees();
    if (Math.abs(off) >= NOTICED) {
      SimulatedPress truthful = press.natured(press.nature().reading(0));
      placed(all, off > 0 ? "reads-high" : "reads-low", off, p -> p.by(truthful));
    }
    if (Math.abs(place.off()) >= NOTICED) {
      placed(all, place.off() < 0 ? "cold-place" : "hot-place", place.off(), p -> p.at(0));
    }
    double lag = place.mainLag();
    if (Math.abs(lag) >= NOTICED) {
      placed(all, lag > 0 ? "not-ready" : "still-hot", lag, p -> p.lagging(List.of()));
    }
    ParameterSample draw = place.draw();
    String touches = draw.contact() * draw.pressure() < 1 ? "touches-less" : "touches-more";
    all.add(
        new Change(
            Sentence.of("blame." + touches),
            as -> as.placed(p -> p.with(touching(1, 1, p.draw())))));
    all.add(
        new Change(
            Sentence.of("blame.cloth"),
            as ->
                as.placed(
                    p ->
                        p.with(
                            new ParameterSample(
                                0, p.draw().contact(), 1, p.draw().pressure(), 1, 1, 1)))));
  }

  private static ParameterSample touching(double contact, double pressure, ParameterSample cloth) {
    return new ParameterSample(
        0,
        contact,
        cloth.touching(),
        pressure,
        cloth.conductivity(),
        cloth.thickness(),
        cloth.moisture());
  }

  private static void placed(
      List<Change> all, String key, double off, UnaryOperator<Condition> change) {
    Kelvin by = Kelvin.of(Math.round(Math.abs(off)));
    all.add(new Change(Sentence.of("blame." + key, by), as -> as.placed(change)));
  }
}
