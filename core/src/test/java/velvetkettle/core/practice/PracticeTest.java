package velvetkettle.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.RememberedHeat;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.window.RememberedMaps;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.run.device.PressCharacter;
import velvetkettle.core.run.device.SimulatedPress;

/** A newcomer's settings on a press that is what it is. */
class PracticeTest {
  private static final PressKind KIND = PressKind.PLATE_SWING;
  private static final Trials TRIALS =
      new Trials(new RememberedHeat(new HeatMargins()), new RememberedMaps(), MediaCatalogue.TRADE);
  private static final Practice PRACTICE = new Practice(TRIALS);
  private static final PressCharacter FLAWLESS =
      new PressCharacter(Kelvin.of(0), 1, 1, Collections.nCopies(9, 0.0), 15);

  private static Shift.Work work(Piece piece, Settings settings) {
    Press press =
        new Press("any", KIND, Millimetres.of(400), Millimetres.of(500), Calibration.NONE);
    Decoration decoration = new Decoration("a", piece.artwork(), piece.medium(), null, null);
    JobRequest job =
        new JobRequest(
            piece.garment(),
            List.of(decoration),
            1,
            press,
            Workroom.USUAL,
            Shop.BARE,
            Experience.NONE);
    return new Shift.Work(job, "a", piece.medium(), settings);
  }

  private static Worked worked(String piece) {
    Settings any =
        new Settings(Seconds.of(0), CoverSheet.NONE, Seconds.of(10), Pressure.MEDIUM, null);
    return new Worked(TRIALS, KIND, work(Pieces.of(piece).orElseThrow(), any));
  }

  private static Practised.PressedPiece pressed(
      String piece, PressCharacter nature, double dialOff, UnaryOperator<Settings> changed) {
    return pressed(piece, nature, dialOff, changed, 1800);
  }

  private static Practised.PressedPiece pressed(
      String piece,
      PressCharacter nature,
      double dialOff,
      UnaryOperator<Settings> changed,
      double standing) {
    Worked worked = worked(piece);
    Practised.BetterSetting better = worked.better();
    SimulatedPress press =
        SimulatedPress.cold(KIND, nature, Workroom.USUAL)
            .set(better.dial().plus(Kelvin.of(dialOff)))
            .standing(Seconds.of(standing));
    ParameterSample draw = new ParameterSample(0, nature.contact(), 1, nature.pressure(), 1, 1, 1);
    return new PieceOnPress(worked, press, changed.apply(better.settings()), draw).told();
  }

  private static List<String> blamed(Practised.PressedPiece pressed, Question question) {
    return pressed.wrong().stream()
        .filter(wrong -> wrong.question() == question)
        .flatMap(wrong -> wrong.because().stream())
        .map(Sentence::key)
        .toList();
  }

  private static PressCharacter with(double readsHigh, List<Double> places) {
    return new PressCharacter(Kelvin.of(readsHigh), 1, 1, places, 15);
  }

  @ParameterizedTest
  @ValueSource(strings = {"tee", "bag", "sweater", "shirt", "rowing-top", "shell", "costume"})
  @DisplayName(
      "as the planner would press it, on a press that does what it says, all comes out well")
  void asPlanned(String piece) {
    Practised.PressedPiece pressed = pressed(piece, FLAWLESS, 0, settings -> settings);
    assertThat(pressed.whole().all()).allMatch(ended -> ended.verdict() == Verdict.SAFE);
    assertThat(pressed.wrong()).isEmpty();
    assertThat(pressed.places()).hasSize(9);
    assertThat(pressed.lowest()).isLessThan(pressed.closedAt());
    assertThat(pressed.stack().layers()).isNotEmpty();
  }

  @Test
  @DisplayName("what came of it agrees with the heat that the plan's margins stand on")
  void agreesWithThePlan() {
    Worked worked = worked("sweater");
    Practised.BetterSetting better = worked.better();
    Pressing pressing = worked.pressing(better.dial(), better.settings());
    // A press without faults is as warm everywhere.
    Pressing even = pressing.under(PlatenContact.middleOf(pressing.press()));
    Reading planned = Reading.of(pressing, PressSimulation.nominal(even, Detail.FINE).acts());
    SimulatedPress press =
        SimulatedPress.cold(KIND, FLAWLESS, Workroom.USUAL)
            .set(better.dial())
            .standing(Seconds.of(1800));
    Reading came =
        new Condition(
                pressing,
                worked.recipe().peel().when().value(),
                press,
                0,
                List.of(),
                ParameterSample.NOMINAL)
            .came()
            .reading();
    // A weaker heater than the plan counts with; otherwise the same.
    assertThat(came.bond() / planned.bond()).isCloseTo(1, within(0.05));
    assertThat(came.hottestCloth()).isCloseTo(planned.hottestCloth(), within(1.0));
  }

  @Test
  @DisplayName("too short a press lets go, and its time is to blame")
  void tooShort() {
    Practised.PressedPiece pressed =
        pressed("tee", FLAWLESS, 0, settings -> settings.lasting(Seconds.of(3)));
    assertThat(pressed.whole().hold().verdict()).isEqualTo(Verdict.NO);
    assertThat(blamed(pressed, Question.HOLD)).first().isEqualTo("blame.time");
  }

  @Test
  @DisplayName("a display that shows 30 °C too much is to blame, and nothing that the maker set")
  void wrongDisplay() {
    Practised.PressedPiece pressed =
        pressed("rowing-top", with(30, FLAWLESS.places()), 0, settings -> settings);
    assertThat(pressed.whole().hold().verdict()).isNotEqualTo(Verdict.SAFE);
    assertThat(blamed(pressed, Question.HOLD)).containsExactly("blame.reads-high");
  }

  @Test
  @DisplayName("closed while it was still warming up")
  void notReady() {
    Practised.PressedPiece pressed = pressed("tee", FLAWLESS, 0, settings -> settings, 280);
    assertThat(pressed.whole().hold().verdict()).isNotEqualTo(Verdict.SAFE);
    assertThat(blamed(pressed, Question.HOLD)).contains("blame.not-ready");
  }

  @Test
  @DisplayName("one cold corner lets go where the art reaches into it, and the rest holds")
  void coldCorner() {
    List<Double> places = new ArrayList<>(List.of(7.0, 7.0, 7.0, 7.0, 7.0, 7.0, 7.0, 7.0, -56.0));
    Practised.PressedPiece pressed = pressed("tee", with(0, places), 0, settings -> settings);
    List<Verdict> hold =
        pressed.places().stream().map(place -> place.ending().hold().verdict()).toList();
    assertThat(hold.subList(0, 8)).containsOnly(Verdict.SAFE);
    assertThat(hold.get(8)).isNotEqualTo(Verdict.SAFE);
    assertThat(blamed(pressed, Question.HOLD)).contains("blame.cold-place");
  }

  @Test
  @DisplayName("a carrier that wants to be cold, pulled off at once, takes the glue with it")
  void peeledTooHot() {
    Practised.PressedPiece pressed =
        pressed("rowing-top", FLAWLESS, 0, settings -> settings.peeledAfter(Seconds.of(2)));
    assertThat(pressed.whole().hold().verdict()).isEqualTo(Verdict.NO);
    assertThat(pressed.whole().hold().sentence().key()).isEqualTo("ended.peel.too-hot.no");
    assertThat(blamed(pressed, Question.HOLD)).contains("blame.peel");
  }

  @Test
  @DisplayName("dark polyester bleeds under a platen that is set too hot for too long")
  void bleeds() {
    Practised.PressedPiece pressed =
        pressed("rowing-top", FLAWLESS, 35, settings -> settings.lasting(Seconds.of(40)));
    assertThat(pressed.whole().bleed().verdict()).isNotEqualTo(Verdict.SAFE);
    assertThat(blamed(pressed, Question.BLEED)).first().isEqualTo("blame.dial");
  }

  @Test
  @DisplayName("nylon sticks to the bare platen beside the art")
  void sticks() {
    Practised.PressedPiece pressed = pressed("shell", FLAWLESS, 40, settings -> settings);
    assertThat(pressed.whole().mark().verdict()).isEqualTo(Verdict.NO);
    assertThat(blamed(pressed, Question.MARK)).contains("blame.dial");
  }

  @Test
  @DisplayName("cotton that was not dried steams at the glue")
  void steams() {
    Practised.PressedPiece pressed =
        pressed("sweater", FLAWLESS, 0, settings -> settings.dried(Seconds.of(0)));
    assertThat(pressed.whole().hold().sentence().key()).isEqualTo("ended.hold.steam");
    assertThat(blamed(pressed, Question.HOLD)).contains("blame.not-dried");
  }

  @Test
  @DisplayName("steam and a peel too hot: neither alone, so both are named, and nothing else")
  void together() {
    Practised.PressedPiece pressed =
        pressed(
            "sweater",
            FLAWLESS,
            0,
            settings -> settings.dried(Seconds.of(0)).peeledAfter(Seconds.of(2)));
    assertThat(pressed.wrong()).hasSize(1);
    assertThat(pressed.wrong().get(0).together()).isTrue();
    assertThat(blamed(pressed, Question.HOLD)).containsExactly("blame.not-dried", "blame.peel");
  }

  @Test
  @DisplayName("a piece takes heat from the platen: the next one at once meets a colder one")
  void drooping() {
    Piece tee = Pieces.of("tee").orElseThrow();
    Settings quick = worked("tee").better().settings().dried(Seconds.of(0)).peeledAfter(null);
    List<Shift.Move> moves = new ArrayList<>();
    moves.add(new Shift.Move(Celsius.of(180), Seconds.of(1500), work(tee, quick)));
    Practised first = PRACTICE.play(new Shift(7, PressKind.HAND_LARGE, Workroom.USUAL, moves));
    moves.add(new Shift.Move(Celsius.of(180), Seconds.of(0), work(tee, quick)));
    Practised second = PRACTICE.play(new Shift(7, PressKind.HAND_LARGE, Workroom.USUAL, moves));
    assertThat(last(first).lowest()).isLessThan(last(first).closedAt());
    assertThat(last(second).closedAt()).isLessThanOrEqualTo(last(first).closedAt());
    double end = last(first).track().celsius().get(last(first).track().celsius().size() - 1);
    assertThat(end).isEqualTo(first.standing().celsius().get(0));
    assertThat(first.standing().celsius().get(60)).isGreaterThanOrEqualTo(end);
  }

  private static Practised.PressedPiece last(Practised practised) {
    Practised.@Nullable PressedPiece last = practised.last();
    if (last == null) {
      throw new AssertionError("nothing was pressed");
    }
    return last;
  }

  @Test
  @DisplayName("the same shift gives the same; setting it and waiting is told without a piece")
  void replayed() {
    Piece shell = Pieces.of("shell").orElseThrow();
    Settings settings = worked("shell").better().settings();
    List<Shift.Move> moves =
        List.of(
            new Shift.Move(Celsius.of(150), Seconds.of(600), null),
            new Shift.Move(Celsius.of(140), Seconds.of(60), work(shell, settings)));
    Shift shift = new Shift(12, KIND, Workroom.USUAL, moves);
    assertThat(PRACTICE.play(shift)).isEqualTo(PRACTICE.play(shift));
    Practised waiting = PRACTICE.play(new Shift(12, KIND, Workroom.USUAL, moves.subList(0, 1)));
    assertThat(waiting.last()).isNull();
    assertThat(waiting.strips()).hasSize(9);
    assertThat(waiting.standing().seconds()).hasSizeGreaterThan(100);
  }

  @Test
  @DisplayName("strips at nine places find the offset of the display and the cold corner")
  void strips() {
    int found = 0;
    for (long seed = 0; seed < 30; seed++) {
      List<Shift.Move> hot = List.of(new Shift.Move(Celsius.of(150), Seconds.of(1500), null));
      Practised practised = PRACTICE.play(new Shift(seed, KIND, Workroom.USUAL, hot));
      double mean = practised.strips().stream().mapToInt(off -> off).average().orElseThrow();
      assertThat(-mean).isCloseTo(practised.truth().readsHigh().degrees(), within(2.5));
      int coldest = practised.strips().indexOf(Collections.min(practised.strips()));
      found += practised.truth().places().get(coldest) == -practised.truth().coldest() ? 1 : 0;
    }
    assertThat(found).isGreaterThan(24);
  }

  @Test
  @DisplayName("whatever is set: the whole is its worst place, and all that went wrong is told")
  void anySettings() {
    Random random = new Random(4);
    for (int n = 0; n < 40; n++) {
      Piece piece = Pieces.ALL.get(random.nextInt(Pieces.ALL.size()));
      Settings settings =
          new Settings(
              Seconds.of(random.nextInt(12)),
              CoverSheet.values()[random.nextInt(CoverSheet.values().length)],
              Seconds.of(1 + random.nextInt(90)),
              Pressure.values()[random.nextInt(Pressure.values().length)],
              random.nextBoolean() ? Seconds.of(1 + random.nextInt(120)) : null);
      Shift.Move move =
          new Shift.Move(
              Celsius.of(90 + random.nextInt(130)),
              Seconds.of(random.nextInt(1500)),
              work(piece, settings));
      Practised.PressedPiece pressed =
          last(PRACTICE.play(new Shift(n, KIND, Workroom.USUAL, List.of(move))));
      Verdict worst =
          pressed.places().stream()
              .map(place -> place.ending().hold().verdict())
              .max(Comparator.naturalOrder())
              .orElseThrow();
      assertThat(pressed.whole().hold().verdict()).isEqualTo(worst);
      assertThat(pressed.wrong().stream().map(Practised.Mistake::question))
          .containsExactlyElementsOf(
              pressed
                  .whole()
                  .all()
                  .filter(ended -> ended.verdict() != Verdict.SAFE)
                  .map(ended -> ended.question())
                  .toList());
      assertThat(pressed.track().seconds()).isSorted();
    }
  }

  @Test
  void refused() {
    Move nothing = new Move();
    assertThatThrownBy(
            () -> new Shift(1, KIND, Workroom.USUAL, Collections.nCopies(41, nothing.move)))
        .hasMessageContaining("40");
    Piece tee = Pieces.of("tee").orElseThrow();
    Piece stones =
        new Piece("stones", tee.name(), tee.task(), tee.garment(), tee.artwork(), "stone-wand");
    Settings settings = worked("tee").better().settings();
    assertThatThrownBy(() -> new Worked(TRIALS, KIND, work(stones, settings)))
        .hasMessageContaining("stone-wand");
  }

  private record Move(Shift.Move move) {
    Move() {
      this(new Shift.Move(Celsius.of(150), Seconds.of(1), null));
    }
  }
}
