package velvetkettle.core.plan.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.window.RememberedMaps;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.heat.window.WindowMaps;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.plan.recipe.Source;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Settings tried on one decoration: its window, a point of it, what would be otherwise. */
class TrialsTest {
  private static final WindowMaps MAPS = new RememberedMaps();
  private static final Trials TRIALS = new Trials(Jobs.HEAT, MAPS, MediaCatalogue.TRADE);

  private static JobRequest job(Garment garment, String medium, OwnSetting own) {
    JobRequest job = Jobs.job(garment, Jobs.whiteLettering(), 1, Jobs.BIG_PRESS, medium, null);
    Shop shop = new Shop(List.of(Jobs.MINI_PRESS), job.shop().shelf(), job.shop().schools());
    return new JobRequest(
        garment,
        List.of(job.decorations().get(0).with(medium, own)),
        1,
        job.press(),
        job.workroom(),
        shop,
        job.experience());
  }

  private static JobRequest tee() {
    return job(Jobs.whiteBandTee(), "film-smooth", null);
  }

  private static WhatIf whatIf(JobRequest job, WhatIf.Kind kind) {
    return TRIALS.whatIfs(job, "a", "film-smooth").stream()
        .filter(each -> each.kind() == kind)
        .findFirst()
        .orElseThrow(() -> new AssertionError("nothing is said of " + kind));
  }

  private static Option planned(JobRequest job) {
    Option option = Jobs.planner().plan(job).decorations().get(0).current();
    assertThat(option).isNotNull();
    return option;
  }

  @Test
  @DisplayName("the setting that is settled is the one of the plan, and the best of its window")
  void windowAndPlanAgree() {
    JobRequest job = job(Jobs.navyRowingTop(), "film-block", null);
    Trials.PressWindow window = TRIALS.window(job, "a", "film-block");
    Setting planned = planned(job).recipe().setting().plain();
    assertThat(window.now()).isEqualTo(planned);
    assertThat(window.best().dial()).isEqualTo(planned.dial());
    assertThat(window.best().time()).isEqualTo(planned.time());
    assertThat(window.reliefs()).isEmpty();
    assertThat(TRIALS.tried(job, "a", "film-block").margins()).isEqualTo(planned(job).margins());
  }

  @ParameterizedTest
  @ValueSource(strings = {"film-smooth", "film-block", "xfer-dtf", "paper-light", "stone-sheet"})
  @DisplayName("how it lies under the platen does not depend on the setting that is sought for it")
  void laidTheSame(String medium) {
    JobRequest job = job(Jobs.whiteBandTee(), medium, null);
    assertThat(TRIALS.laid(job, "a", medium))
        .isEqualTo(TRIALS.settled(job, "a", medium).stack().cold());
    assertThat(TRIALS.laid(job, "a", medium))
        .isNotEqualTo(TRIALS.settled(job, "a", medium).stack());
  }

  @Test
  @DisplayName("cloth that a bare platen would mark is never offered one")
  void neverBare() {
    JobRequest job = job(Jobs.navyRowingTop(), "film-block", null);
    assertThat(TRIALS.whatIfs(job, "a", "film-block"))
        .filteredOn(each -> each.kind() == WhatIf.Kind.COVER)
        .isNotEmpty()
        .noneMatch(each -> each.kept() != null && each.kept().cover() == CoverSheet.NONE);
  }

  @Test
  @DisplayName("what the maker settles comes before sheet, trade and heat, and says so")
  void ownComesFirst() {
    OwnSetting own =
        OwnSetting.of("film-smooth")
            .at(Celsius.of(156), Seconds.of(24))
            .dried(Seconds.of(0))
            .under(CoverSheet.COTTON);
    Option option = planned(job(Jobs.whiteBandTee(), "film-smooth", own));
    assertThat(option.recipe().setting().dial().value()).isEqualTo(Celsius.of(156));
    assertThat(option.recipe().setting().time().value()).isEqualTo(Seconds.of(24));
    assertThat(option.recipe().setting().dial().why().get(0).source()).isEqualTo(Source.YOURS);
    assertThat(option.stack().layers()).extracting(layer -> layer.kind()).contains(LayerKind.COVER);
    Plan plan = Jobs.planner().plan(job(Jobs.whiteBandTee(), "film-smooth", own));
    assertThat(plan.steps()).extracting(Step::kind).doesNotContain(StepKind.PRE_PRESS);
  }

  @Test
  @DisplayName("what was settled for another medium does not count")
  void ownOfAnotherMedium() {
    OwnSetting own = OwnSetting.of("film-block").at(Celsius.of(131), Seconds.of(15));
    assertThat(planned(job(Jobs.whiteBandTee(), "film-smooth", own)).recipe().setting().plain())
        .isEqualTo(planned(tee()).recipe().setting().plain());
  }

  @Test
  @DisplayName("a setting that does not hold is still tried, and says so")
  void triedWhateverComesOfIt() {
    OwnSetting own = OwnSetting.of("film-smooth").at(Celsius.of(110), Seconds.of(3));
    Trials.TriedSetting tried =
        TRIALS.tried(job(Jobs.whiteBandTee(), "film-smooth", own), "a", "film-smooth");
    assertThat(tried.margins().hold().verdict()).isEqualTo(Verdict.NO);
    assertThat(tried.told().story()).isNotNull();
    assertThatThrownBy(() -> planned(job(Jobs.whiteBandTee(), "film-smooth", own)))
        .isInstanceOf(RuledOutException.class);
  }

  @ParameterizedTest
  @CsvSource({
    "COVER, whatif.longer",
    "NO_PRE_PRESS, whatif.longer",
    "OTHER_PRESS, whatif.says.hold.tight",
    "COOLER_PLATEN, whatif.longer",
    "HOTTER_PLATEN, whatif.sooner",
    "SECOND_LAYER, whatif.longer",
    "FROM_BACK, whatif.same"
  })
  @DisplayName("one thing otherwise makes the difference that practice knows")
  void differences(WhatIf.Kind kind, String difference) {
    assertThat(whatIf(tee(), kind).difference().key()).isEqualTo(difference);
  }

  @Test
  @DisplayName("in a room as damp as most, cloth that was not pressed before steams under the glue")
  void notPressedBefore() {
    JobRequest usual = tee().in(new Workroom(Celsius.of(23), 65));
    assertThat(whatIf(usual, WhatIf.Kind.NO_PRE_PRESS).difference().key())
        .isEqualTo("whatif.steam");
  }

  @Test
  @DisplayName("an iron that is kept moving bonds less in the same time, and heats the cloth less")
  void keptMoving() {
    JobRequest job = tee();
    Press iron = Press.usual("Shop iron", PressKind.IRON_DRY);
    JobRequest byIron =
        new JobRequest(
            job.garment(),
            List.of(
                job.decorations()
                    .get(0)
                    .with(
                        "film-smooth",
                        OwnSetting.of("film-smooth")
                            .with(iron.id())
                            .at(Celsius.of(150), Seconds.of(30)))),
            1,
            iron,
            job.workroom(),
            new Shop(List.of(iron), job.shop().shelf(), job.shop().schools()),
            job.experience());
    WhatIf moving = whatIf(byIron, WhatIf.Kind.KEPT_MOVING);
    assertThat(moving.glueLine().degrees()).isLessThan(-10);
    assertThat(moving.margins().hold().verdict()).isNotEqualTo(Verdict.SAFE);
    assertThat(TRIALS.whatIfs(job, "a", "film-smooth"))
        .noneMatch(each -> each.kind() == WhatIf.Kind.KEPT_MOVING);
  }

  @Test
  @DisplayName("what is short beside its name is told whole once it is opened")
  void told() {
    assertThat(whatIf(tee(), WhatIf.Kind.COVER).told())
        .extracting(Sentence::key)
        .contains("whatif.longer-told")
        .doesNotContain("whatif.longer")
        .endsWith("whatif.bond");
  }

  @Test
  @DisplayName("ten degrees of the platen are nearly ten at the glue line")
  void platenAtTheGlueLine() {
    assertThat(whatIf(tee(), WhatIf.Kind.COOLER_PLATEN).glueLine().degrees())
        .isCloseTo(-9, within(1.0));
    assertThat(whatIf(tee(), WhatIf.Kind.HOTTER_PLATEN).glueLine().degrees())
        .isCloseTo(9, within(1.0));
  }

  @Test
  @DisplayName("a second layer keeps the heat from the glue on the cloth: about a second more")
  void secondLayer() {
    WhatIf second = whatIf(tee(), WhatIf.Kind.SECOND_LAYER);
    assertThat(second.glueLine().degrees()).isLessThanOrEqualTo(0);
    double more =
        second.kept().time().count() - planned(tee()).recipe().setting().time().value().count();
    assertThat(more).isBetween(1.0, 4.0);
  }

  @Test
  @DisplayName("another press is tried at the same true temperature, whatever its display reads")
  void otherPressByItsOwnDisplay() {
    Press high =
        new Press(
            "High hand press",
            PressKind.HAND_LARGE,
            Millimetres.of(300),
            Millimetres.of(250),
            Calibration.readsHigh(7));
    JobRequest job = tee();
    Shop shop = new Shop(List.of(high), job.shop().shelf(), job.shop().schools());
    JobRequest with =
        new JobRequest(
            job.garment(),
            job.decorations(),
            1,
            job.press(),
            job.workroom(),
            shop,
            job.experience());
    WhatIf other = whatIf(with, WhatIf.Kind.OTHER_PRESS);
    OwnSetting kept = other.kept();
    assertThat(kept.press()).isEqualTo("High hand press");
    if (kept.dial() != null) {
      assertThat(kept.dial().degrees())
          .isEqualTo(planned(tee()).recipe().setting().platen().degrees() + 7);
    }
    assertThat(
            planned(
                    with.withDecorations(
                        List.of(with.decorations().get(0).with("film-smooth", kept))))
                .press())
        .isEqualTo("High hand press");
  }

  @Test
  @DisplayName("a cover kept lies in the next plan; a cooler platen kept is made up for")
  void kept() {
    OwnSetting covered = whatIf(tee(), WhatIf.Kind.COVER).kept();
    assertThat(
            planned(job(Jobs.whiteBandTee(), "film-smooth", covered))
                .recipe()
                .layUp()
                .cover()
                .value())
        .isEqualTo(covered.cover());
    OwnSetting hotter = whatIf(tee(), WhatIf.Kind.COOLER_PLATEN).kept();
    double usual = planned(tee()).recipe().setting().dial().value().degrees();
    assertThat(
            planned(job(Jobs.whiteBandTee(), "film-smooth", hotter))
                .recipe()
                .setting()
                .dial()
                .value())
        .isEqualTo(Celsius.of(usual + 10));
    OwnSetting byHand = whatIf(tee(), WhatIf.Kind.OTHER_PRESS).kept();
    assertThat(planned(job(Jobs.whiteBandTee(), "film-smooth", byHand)).press())
        .isEqualTo("Mini press");
    OwnSetting behind = whatIf(tee(), WhatIf.Kind.FROM_BACK).kept();
    assertThat(Jobs.planner().plan(job(Jobs.whiteBandTee(), "film-smooth", behind)).steps())
        .extracting(Step::kind)
        .contains(StepKind.BACK_PRESS);
  }

  @Test
  @DisplayName("whatever can be kept can be planned, with more time where it would not hold")
  void everythingKeptCanBePlanned() {
    for (WhatIf each : TRIALS.whatIfs(tee(), "a", "film-smooth")) {
      OwnSetting kept = each.kept();
      if (kept != null) {
        assertThat(planned(job(Jobs.whiteBandTee(), "film-smooth", kept)).margins().ruleOut())
            .as("%s", each.kind())
            .isFalse();
      }
    }
  }

  @Test
  @DisplayName(
      "on a tee only letting go ends the window: a hotter platen widens it, a sheet of cotton"
          + " or a colder platen narrows it, and so does more cloth")
  void wider() {
    assertThat(whatIf(tee(), WhatIf.Kind.HOTTER_PLATEN).wider()).isPositive();
    assertThat(whatIf(tee(), WhatIf.Kind.COOLER_PLATEN).wider()).isNegative();
    assertThat(whatIf(tee(), WhatIf.Kind.THICKER_CLOTH).wider()).isLessThanOrEqualTo(0);
    assertThat(
            TRIALS.whatIfs(tee(), "a", "film-smooth").stream()
                .filter(each -> each.kind() == WhatIf.Kind.COVER)
                .mapToInt(WhatIf::wider))
        .allMatch(wider -> wider <= 0)
        .anyMatch(wider -> wider < 0);
  }

  @Test
  @DisplayName("light film on dark polyester: its window is empty, and what would do does")
  void emptyWindow() {
    JobRequest job = job(Jobs.navyRowingTop(), "film-smooth", null);
    Trials.PressWindow window = TRIALS.window(job, "a", "film-smooth");
    WindowMap map = window.map();
    assertThat(map).isNotNull();
    assertThat(map.worstBeforeNo(window.best().platen().degrees(), window.best().time().count()))
        .isNegative();
    for (Trials.Relief relief : window.reliefs()) {
      OwnSetting own = relief.own();
      if (own != null) {
        JobRequest relieved = job(Jobs.navyRowingTop(), "film-smooth", own);
        assertThat(TRIALS.tried(relieved, "a", "film-smooth").margins().bleed().verdict())
            .isNotEqualTo(Verdict.NO);
      }
    }
  }

  @Test
  @DisplayName("stones bond under their second press too: the window knows how sure that is")
  void stones() {
    JobRequest job =
        Jobs.job(
            Jobs.navyRowingTop(),
            Jobs.art(ArtKind.STONES, 120, 120, 1, Depth.LIGHT, Placement.CHEST),
            1,
            Jobs.BIG_PRESS,
            "stone-sheet",
            null);
    Trials.PressWindow window = TRIALS.window(job, "a", "stone-sheet");
    assertThat(planned(job).margins().hold().verdict()).isEqualTo(Verdict.SAFE);
    assertThat(window.map().edge(Question.HOLD, true).celsius())
        .isSortedAccordingTo((a, b) -> Math.abs(a - b) < 1 ? 0 : Double.compare(b, a));
  }

  @Test
  @DisplayName("a medium that nobody knows is refused")
  void unknownMedium() {
    assertThatThrownBy(() -> TRIALS.window(tee(), "a", "glue-gun"))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> TRIALS.window(tee(), "b", "film-smooth"))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
