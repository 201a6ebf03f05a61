package velvetkettle.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Ending;
import velvetkettle.core.heat.Ending.Ended;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.turn.Draw;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.run.device.Nature;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * What was to blame for what went wrong: the worst place is pressed again with one thing otherwise
 * at a time. What then comes out better was to blame; where nothing alone does, what helps most is
 * named.
 */
final class Blame {
  /** Nobody would notice less, K. */
  private static final double NOTICED = 2;

  private static final int MOST = 3;

  private final Worked worked;
  private final Settings own;
  private final Celsius dial;
  private final Practised.Better better;
  private final List<Condition> places;
  private final List<Condition.Came> came;

  /**
   * @param places the nine as they were pressed
   * @param came what came of each
   */
  Blame(
      Worked worked,
      Celsius dial,
      Settings own,
      List<Condition> places,
      List<Condition.Came> came) {
    this.worked = worked;
    this.dial = dial;
    this.own = own;
    this.places = places;
    this.came = came;
    better = worked.better();
  }

  List<Practised.Wrong> wrong() {
    return Stream.<Function<Ending, Ended>>of(Ending::hold, Ending::mark, Ending::bleed)
        .flatMap(question -> wrong(question).stream())
        .toList();
  }

  private List<Practised.Wrong> wrong(Function<Ending, Ended> question) {
    int worst = worst(question);
    Ended ended = question.apply(came.get(worst).ending());
    if (ended.verdict() == Verdict.SAFE) {
      return List.of();
    }
    List<Tried> tried =
        otherwise(places.get(worst)).parallelStream()
            .map(o -> new Tried(o, o.place.came()))
            .toList();
    List<Sentence> alone =
        tried.stream()
            .filter(o -> question.apply(o.came.ending()).verdict().compareTo(ended.verdict()) < 0)
            .sorted(Comparator.comparing(o -> question.apply(o.came.ending()).verdict()))
            .map(o -> o.otherwise.say)
            .limit(MOST)
            .toList();
    return List.of(
        alone.isEmpty()
            ? new Practised.Wrong(
                ended.question(), ended, together(ended.question(), worst, tried), true)
            : new Practised.Wrong(ended.question(), ended, alone, false));
  }

  /** The place where it came out worst; of several alike the one that is furthest off. */
  private int worst(Function<Ending, Ended> question) {
    int worst = 0;
    for (int i = 1; i < came.size(); i++) {
      int than = verdict(question, i).compareTo(verdict(question, worst));
      Question asked = question.apply(came.get(i).ending()).question();
      boolean further = than == 0 && bad(asked, i) > bad(asked, worst);
      worst = than > 0 || further ? i : worst;
    }
    return worst;
  }

  private Verdict verdict(Function<Ending, Ended> question, int place) {
    return question.apply(came.get(place).ending()).verdict();
  }

  private double bad(Question question, int place) {
    return bad(question, came.get(place));
  }

  /** The more the worse. */
  private static double bad(Question question, Condition.Came came) {
    return switch (question) {
      case HOLD -> -came.reading().bond();
      case MARK -> came.reading().hottestCloth();
      default -> came.reading().tint() + came.reading().fading();
    };
  }

  private List<Sentence> together(Question question, int worst, List<Tried> tried) {
    double before = bad(question, worst);
    return tried.stream()
        .filter(o -> bad(question, o.came) < before - Math.abs(before) / 50)
        .sorted(Comparator.comparingDouble(o -> bad(question, o.came)))
        .map(o -> o.otherwise.say)
        .limit(MOST)
        .toList();
  }

  private record Otherwise(Sentence say, Condition place) {}

  private record Tried(Otherwise otherwise, Condition.Came came) {}

  private List<Otherwise> otherwise(Condition place) {
    List<Otherwise> all = new ArrayList<>();
    settings(place, all);
    ofPress(place, all);
    return all;
  }

  /** What the maker set otherwise than sheet, trade and heat would. */
  private void settings(Condition place, List<Otherwise> all) {
    Settings theirs = better.settings();
    if (!dial.equals(better.dial())) {
      add(all, place, better.dial(), own, "dial", dial, better.dial());
    }
    if (!own.time().equals(theirs.time())) {
      add(all, place, dial, own.lasting(theirs.time()), "time", own.time(), theirs.time());
    }
    if (own.cover() != theirs.cover()) {
      add(all, place, dial, own.under(theirs.cover()), "cover", own.cover(), theirs.cover());
    }
    if (!byHand() && own.pressure() != theirs.pressure()) {
      add(
          all,
          place,
          dial,
          own.with(theirs.pressure()),
          "pressure",
          own.pressure(),
          theirs.pressure());
    }
    if (!own.drying().equals(theirs.drying())) {
      String key = own.drying().count() == 0 ? "not-dried" : "drying";
      add(all, place, dial, own.dried(theirs.drying()), key, own.drying(), theirs.drying());
    }
    if (!Objects.equals(own.peelAfter(), theirs.peelAfter()) && theirs.peelAfter() != null) {
      Seconds after = theirs.peelAfter();
      add(all, place, dial, own.peeledAfter(after), "peel", shown(own.peelAfter()), after);
    }
  }

  private static Seconds shown(@Nullable Seconds seconds) {
    return seconds == null ? Seconds.of(0) : seconds;
  }

  private boolean byHand() {
    return worked.press().kind().pressedByHand();
  }

  private void add(
      List<Otherwise> all,
      Condition place,
      Celsius display,
      Settings settings,
      String key,
      Object was,
      Object would) {
    all.add(
        new Otherwise(
            Sentence.of("blame." + key, was, would),
            place.pressed(worked.pressing(display, settings))));
  }

  /** What the press and the cloth had of their own. */
  private void ofPress(Condition place, List<Otherwise> all) {
    SimulatedPress press = place.press();
    Nature nature = press.nature();
    double off = nature.readsHigh().degrees();
    if (Math.abs(off) >= NOTICED) {
      all.add(
          new Otherwise(
              Sentence.of(off > 0 ? "blame.reads-high" : "blame.reads-low", kelvin(off)),
              place.by(press.natured(nature.reading(0)))));
    }
    if (Math.abs(place.off()) >= NOTICED) {
      all.add(
          new Otherwise(
              Sentence.of(
                  place.off() < 0 ? "blame.cold-place" : "blame.hot-place", kelvin(place.off())),
              place.at(0)));
    }
    double lag = place.mainLag();
    if (Math.abs(lag) >= NOTICED) {
      all.add(
          new Otherwise(
              Sentence.of(lag > 0 ? "blame.not-ready" : "blame.still-hot", kelvin(lag)),
              place.lagging(List.of())));
    }
    Draw draw = place.draw();
    all.add(
        new Otherwise(
            Sentence.of(
                draw.contact() * draw.pressure() < 1 ? "blame.touches-less" : "blame.touches-more"),
            place.with(new Draw(0, 1, 1, draw.conductivity(), draw.thickness(), draw.moisture()))));
    all.add(
        new Otherwise(
            Sentence.of("blame.cloth"),
            place.with(new Draw(0, draw.contact(), draw.pressure(), 1, 1, 1))));
  }

  private static Kelvin kelvin(double off) {
    return Kelvin.of(Math.round(Math.abs(off)));
  }
}
