package velvetkettle.core.plan.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.plan.Jobs.job;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.PressingBuilder;
import velvetkettle.core.heat.story.HeatStory;
import velvetkettle.core.heat.story.StoryTeller;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.recipe.Evidence;
import velvetkettle.core.plan.recipe.Source;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Millimetres;

/** What the heat does in a plan's own turns. */
class HeatStoriesTest {
  @Test
  @DisplayName("the story runs from the pre-press to the table, in the order of the plan's steps")
  void stretches() {
    HeatStory story = told(job(Jobs.navyRowingTop(), Jobs.whiteLettering(), 1));
    assertThat(story.stretches().stream().filter(HeatStory.Stretch::closed)).hasSize(3);
    assertThat(story.seconds()).isSorted();
    double end = 0;
    for (HeatStory.Stretch stretch : story.stretches()) {
      assertThat(stretch.from()).isEqualTo(end);
      end = stretch.to();
    }
    assertThat(story.seconds().get(story.seconds().size() - 1)).isEqualTo(end);
  }

  @Test
  @DisplayName(
      "the story ends on the table: what comes after the last opening counts as in the plan")
  void endsOnTheTable() {
    JobRequest job = job(Jobs.navyRowingTop(), Jobs.whiteLettering(), 1);
    HeatStory story = told(job);
    assertThat(story.stretches().get(story.stretches().size() - 1).closed()).isFalse();
    assertThat(story.stretches().get(story.stretches().size() - 1).to() - lastClosed(story).to())
        .isGreaterThanOrEqualTo(20);
  }

  @Test
  @DisplayName("every face stays between the room and the platen, at every moment")
  void faces() {
    JobRequest job = job(Jobs.charcoalHalfZip(), Jobs.whiteLettering(), 1);
    HeatStory story = told(job);
    assertThat(story.layers())
        .extracting(HeatStory.LayerTrack::kind)
        .contains(
            LayerKind.CARRIER, LayerKind.GLUE, LayerKind.FRONT, LayerKind.BACK, LayerKind.PAD);
    assertThat(story.layers())
        .extracting(HeatStory.LayerTrack::kind)
        .as("from the top down")
        .containsSubsequence(
            LayerKind.CARRIER, LayerKind.GLUE, LayerKind.FRONT, LayerKind.BACK, LayerKind.PAD);
    for (HeatStory.LayerTrack layer : story.layers()) {
      for (HeatStory.Curve curve : layer.upper()) {
        assertThat(curve.from() + curve.celsius().size())
            .isLessThanOrEqualTo(story.seconds().size());
        assertThat(curve.celsius()).allSatisfy(c -> assertThat(c).isBetween(20.0, 156.0));
      }
    }
  }

  @Test
  @DisplayName("the platen gives up a kelvin or two when it closes, and gets them back")
  void thePlatenDroops() {
    HeatStory story = told(job(Jobs.whiteBandTee(), Jobs.photograph(), 1));
    List<Double> main = story.platen().get(1).celsius();
    double coolest = main.stream().mapToDouble(c -> c).min().orElseThrow();
    // Where the art lies coolest: a little below what is set.
    assertThat(main.get(0)).isBetween(176.0, 179.5);
    assertThat(main.get(0) - coolest).isBetween(0.4, 4.0);
    assertThat(main.get(main.size() - 1)).isGreaterThanOrEqualTo(coolest);
  }

  @Test
  @DisplayName("the glue flows before the bond is made, and dye comes to rest after opening")
  void events() {
    HeatStory story = told(job(Jobs.navyRowingTop(), Jobs.whiteLettering(), 1));
    assertThat(story.events())
        .extracting(event -> event.what().key())
        .containsSubsequence("story.glue-flows", "story.bond-made", "story.dye-rests");
    assertThat(story.events()).extracting(HeatStory.Event::at).isSorted();
  }

  @Test
  @DisplayName("cloth that only paper meets has no line for shine; under a bare platen it has")
  void shinesOnlyUnderABarePlaten() {
    HeatStory covered = told(job(Jobs.navyRowingTop(), Jobs.whiteLettering(), 1));
    HeatStory bare =
        StoryTeller.tell(PressingBuilder.film().on(Fabric.INTERLOCK, Fibre.POLYESTER).build());
    assertThat(keys(covered)).isNotEmpty().doesNotContain("story.limit.shines");
    assertThat(keys(bare)).contains("story.limit.shines");
  }

  private static List<String> keys(HeatStory story) {
    return story.limits().stream().map(limit -> limit.what().key()).toList();
  }

  @Test
  @DisplayName("a piece is fit to peel sooner on the table than on the pad, warm sooner than cold")
  void peel() {
    HeatStory.PeelMoment peel = told(job(Jobs.whiteBandTee(), Jobs.photograph(), 1)).peel();
    assertThat(peel.onTable().warm()).isLessThan(peel.onPad().warm());
    assertThat(peel.onTable().cold()).isLessThan(peel.onPad().cold());
    assertThat(peel.onTable().warm()).isLessThan(peel.onTable().cold());
  }

  @Test
  @DisplayName("sublimation tells when the print is over; a patch from the back when its web flows")
  void otherMedia() {
    HeatStory print =
        told(
            job(
                Jobs.whiteStewardShirt(),
                Jobs.art(ArtKind.ALL_OVER_PRINT, 380, 480, 200, Depth.LIGHT, Placement.ALL_OVER),
                1));
    assertThat(print.events()).extracting(e -> e.what().key()).contains("story.print-over");
    assertThat(print.peel()).isNull();
    HeatStory patch = told(job(Jobs.woolBlazer(), Jobs.crest(), 1));
    assertThat(patch.events()).extracting(e -> e.what().key()).contains("story.bond-made");
    assertThat(patch.doses()).extracting("key").contains("dose.bond", "dose.scorch", "dose.steam");
  }

  @Test
  @DisplayName("where there is no story it says why")
  void untold() {
    JobRequest bag =
        job(Jobs.deckBag(), Jobs.art(ArtKind.LOGO, 150, 150, 1, Depth.DARK, Placement.CHEST), 1);
    assertThat(tell(bag).untold().key()).isEqualTo("story.untold.no-heat");
    Press iron =
        new Press(
            "Iron",
            PressKind.IRON_STEAM,
            Millimetres.of(200),
            Millimetres.of(110),
            Calibration.NONE);
    JobRequest ironed = job(Jobs.whiteBandTee(), Jobs.whiteLettering(), 1, iron, null, null);
    assertThat(tell(ironed).untold().key()).isEqualTo("story.untold.tool");
  }

  @Test
  @DisplayName("two things share one time: each is told through the presses of the other")
  void together() {
    JobRequest job = twoThings(Placement.CHEST, Placement.CHEST);
    List<HeatStories.ToldThing> things =
        HeatStories.of(job, MediaCatalogue.TRADE, Jobs.planner().plan(job));
    assertThat(things).hasSize(2);
    HeatStory first = things.get(0).told().story();
    HeatStory second = things.get(1).told().story();
    double end = first.seconds().get(first.seconds().size() - 1);
    double from = things.get(1).from().count();
    assertThat(from + second.seconds().get(second.seconds().size() - 1)).isEqualTo(end);
    HeatStory.Stretch theirs = lastClosed(first);
    HeatStory.Stretch own = lastClosed(second);
    assertThat(theirs.name().key()).isEqualTo("story.turn.of");
    assertThat(own.name().key()).isEqualTo("story.turn");
    assertThat(theirs.from()).isEqualTo(from + own.from());
    assertThat(theirs.to()).isEqualTo(from + own.to());
    assertThat(hottestGlueLine(first, theirs)).as("under the same platen").isGreaterThan(100);
    assertThat(second.glueLine().get(0).from())
        .as("it has no glue line before it is laid on the cloth")
        .isGreaterThan(80);
  }

  @Test
  @DisplayName("what the other's platen does not reach lies cold on the table meanwhile")
  void farApart() {
    JobRequest job = twoThings(Placement.CHEST, Placement.SLEEVE);
    HeatStory first =
        HeatStories.of(job, MediaCatalogue.TRADE, Jobs.planner().plan(job)).get(0).told().story();
    assertThat(lastClosed(first).name().key()).isEqualTo("story.turn");
    HeatStory.Stretch last = first.stretches().get(first.stretches().size() - 1);
    assertThat(hottestGlueLine(first, last)).isLessThan(45);
  }

  private static JobRequest twoThings(Placement one, Placement two) {
    JobRequest job = job(Jobs.whiteBandTee(), Jobs.whiteLettering(), 1);
    return job.withDecorations(List.of(small("one", one), small("two", two)));
  }

  private static Decoration small(String id, Placement where) {
    return new Decoration(
        id, Jobs.art(ArtKind.LOGO, 70, 50, 1, Depth.DARK, where), "film-smooth", null, null);
  }

  private static HeatStory.Stretch lastClosed(HeatStory story) {
    return story.stretches().stream()
        .filter(HeatStory.Stretch::closed)
        .reduce((before, after) -> after)
        .orElseThrow();
  }

  private static double hottestGlueLine(HeatStory story, HeatStory.Stretch during) {
    double hottest = 0;
    for (HeatStory.Curve curve : story.glueLine()) {
      for (int i = 0; i < curve.celsius().size(); i++) {
        double second = story.seconds().get(curve.from() + i);
        boolean within = second > during.from() && second <= during.to();
        hottest = within ? Math.max(hottest, curve.celsius().get(i)) : hottest;
      }
    }
    return hottest;
  }

  @Test
  @DisplayName("a later press on a damp day takes longer to dry and says from which air")
  void theRoomIsInTheEvidence() {
    List<Evidence> why =
        Jobs.weigh(Jobs.whiteBandTee(), Jobs.whiteLettering())
            .options()
            .get(0)
            .recipe()
            .presses()
            .drying()
            .why();
    assertThat(why).extracting(e -> e.sentence().key()).containsExactly("why.dry-computed");
    assertThat(why.get(0).source()).isEqualTo(Source.MODEL);
  }

  private static HeatStory told(JobRequest job) {
    HeatStory story = tell(job).story();
    if (story == null) {
      throw new AssertionError("nothing is told");
    }
    return story;
  }

  private static HeatStories.Told tell(JobRequest job) {
    return HeatStories.of(job, MediaCatalogue.TRADE, Jobs.planner().plan(job)).get(0).told();
  }
}
