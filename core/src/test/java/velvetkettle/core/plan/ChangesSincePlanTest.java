package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.RuledOut;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/** A job that comes back: what has changed in the shop, and what that does to its recipe. */
class ChangesSincePlanTest {
  private static final Material ROLL =
      roll(1000, new InstructionSheet(CelsiusRange.of(150, 154), null, null, null));

  @Test
  @DisplayName("nothing has changed: nothing is told")
  void nothing() {
    assertThat(since(job(press(0), ROLL, Schools.OURS))).isEmpty();
  }

  @Test
  @DisplayName("the press was measured again: it says so, and what to set now")
  void measured() {
    assertThat(keys(since(job(press(6), ROLL, Schools.OURS))))
        .containsExactly("since.measured", "since.dial");
  }

  @Test
  @DisplayName("another press, a smaller platen, a clad one")
  void pressChanged() {
    Press other =
        new Press(
            "Other",
            PressKind.PLATE_CLAM,
            Millimetres.of(400),
            Millimetres.of(400),
            Calibration.readsHigh(0));
    assertThat(keys(since(job(other, ROLL, Schools.OURS)))).contains("since.other-press");
    Press smaller =
        new Press(
            "Press",
            PressKind.PLATE_CLAM,
            Millimetres.of(300),
            Millimetres.of(300),
            Calibration.readsHigh(0));
    assertThat(keys(since(job(smaller, ROLL, Schools.OURS)))).contains("since.press-changed");
  }

  @Test
  @DisplayName("the roll is used up, or its sheet says something else")
  void material() {
    Material gone = roll(0, ROLL.sheet());
    assertThat(keys(since(job(press(0), gone, Schools.OURS))))
        .containsExactly("since.material-gone");
    Material anew =
        roll(
            1000,
            new InstructionSheet(
                CelsiusRange.of(156, 158), SecondsRange.of(14, 14), Pressure.FIRM, Peel.COLD));
    assertThat(keys(since(job(press(0), anew, Schools.OURS))))
        .containsExactly("since.sheet", "since.dial", "since.time", "since.pressure", "since.peel");
  }

  @Test
  @DisplayName("the shop works another way now")
  void schools() {
    List<Sentence> told = since(job(press(0), ROLL, Schools.of(School.COVER_PTFE)));
    assertThat(keys(told)).containsExactly("since.school");
    assertThat(told.get(0).arguments()).contains(School.COVER_PTFE.term());
  }

  @Test
  @DisplayName("what was taken will not do any more: it says why")
  void ruledOut() {
    JobRequest then = job(press(0), ROLL, Schools.OURS);
    RuledOut out = Jobs.ruledOut(Jobs.weigh(Jobs.whiteBandTee(), Jobs.photograph()), "film-smooth");
    List<Sentence> told = ChangesSincePlan.of(then, plan(then), then, null, out);
    assertThat(keys(told)).containsExactly("since.ruled-out");
  }

  private static List<Sentence> since(JobRequest now) {
    JobRequest then = job(press(0), ROLL, Schools.OURS);
    return ChangesSincePlan.of(then, plan(then), now, plan(now), null);
  }

  private static Plan plan(JobRequest job) {
    return Jobs.planner().plan(job);
  }

  private static List<String> keys(List<Sentence> told) {
    return told.stream().map(Sentence::key).toList();
  }

  private static JobRequest job(Press press, Material material, Schools schools) {
    JobRequest job =
        Jobs.job(Jobs.whiteBandTee(), Jobs.whiteLettering(), 5, press, "film-smooth", material);
    return new JobRequest(
        job.garment(),
        job.decorations(),
        job.pieces(),
        job.press(),
        job.workroom(),
        new Shop(List.of(), List.of(), schools),
        job.experience());
  }

  private static Press press(double readsHigh) {
    return new Press(
        "Press",
        PressKind.PLATE_CLAM,
        Millimetres.of(400),
        Millimetres.of(400),
        Calibration.readsHigh(readsHigh));
  }

  private static Material roll(int left, InstructionSheet sheet) {
    return new Material(
        "Roll", "film-smooth", "white", Depth.WHITE, sheet, 500, left, List.of(), null);
  }
}
