package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.Schools;

/** A press is known by its id, whatever it is called. */
class PressByIdTest {
  private static final Medium FILM = MediaCatalogue.TRADE.get("film-smooth");
  private static final Press OLD = clam("1", Calibration.readsHigh(12));
  private static final Press NEW = clam("2", Calibration.readsHigh(0));

  @Test
  @DisplayName("of two presses that are called alike the one that was chosen is taken")
  void twoOfOneName() {
    assertThat(tool("1")).isEqualTo(OLD);
    assertThat(tool("2")).isEqualTo(NEW);
  }

  @Test
  @DisplayName("the dial is that of the chosen one, and the other's is 12 K off")
  void theDialFollows() {
    double old = dial("1");
    double fresh = dial("2");
    assertThat(old - fresh).isEqualTo(12);
  }

  @Test
  @DisplayName("what was kept before presses had ids names them; what is gone leaves the job's")
  void olderChoices() {
    assertThat(tool("Clam")).isEqualTo(OLD);
    assertThat(tool("sold last year")).isEqualTo(Jobs.BIG_PRESS);
  }

  @Test
  @DisplayName("a press without id is the one of its name; with other ids they are two")
  void isTheSame() {
    Press kept = new Press("Clam", PressKind.PLATE_CLAM, mm(380), mm(380), Calibration.NONE);
    assertThat(kept.id()).isEqualTo("Clam");
    assertThat(kept.is(NEW)).isTrue();
    assertThat(OLD.is(NEW)).isFalse();
    assertThat(OLD.is(OLD.measured(Calibration.readsHigh(3)))).isTrue();
  }

  private static Press tool(String kept) {
    JobRequest job = job(kept);
    return Candidate.of(job, job.decorations().get(0), FILM).tool();
  }

  private static double dial(String kept) {
    var recipe = Jobs.planner().plan(job(kept)).decorations().get(0).current().recipe();
    Kelvin high = tool(kept).calibration().readsHigh();
    assertThat(recipe.setting().dial().value()).isEqualTo(recipe.setting().platen().plus(high));
    return recipe.setting().dial().value().degrees();
  }

  private static JobRequest job(String tool) {
    JobRequest plain =
        Jobs.job(Jobs.whiteBandTee(), Jobs.whiteLettering(), 1, Jobs.BIG_PRESS, FILM.key(), null);
    Decoration own =
        plain.decorations().get(0).with(FILM.key(), OwnSetting.of(FILM.key()).with(tool));
    Shop shop = new Shop(List.of(OLD, NEW), List.of(), Schools.OURS);
    return new JobRequest(
        plain.garment(),
        List.of(own),
        1,
        plain.press(),
        plain.workroom(),
        shop,
        plain.experience());
  }

  private static Press clam(String id, Calibration calibration) {
    return new Press(
        id, "Clam", PressKind.PLATE_CLAM, mm(380), mm(380), calibration, null, false, Set.of());
  }

  private static Millimetres mm(double count) {
    return Millimetres.of(count);
  }
}
