package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.Schools;

/** What can hurt at each step: common practice, no source. */
class StepCautionsTest {
  private static final Artwork LOGO =
      Jobs.art(ArtKind.LOGO, 80, 80, 1, Depth.DARK, Placement.CHEST);

  @Test
  @DisplayName("a plate press burns and pinches, a peeled film is hot, hands do no harm")
  void film() {
    List<Step> steps = steps(Jobs.whiteBandTee(), LOGO, "film-smooth", PressKind.PLATE_CLAM);
    assertThat(of(steps, StepKind.PRE_PRESS)).containsExactly(Caution.HOT, Caution.PINCH);
    assertThat(of(steps, StepKind.PRESS)).containsExactly(Caution.HOT, Caution.PINCH);
    assertThat(of(steps, StepKind.PEEL)).containsExactly(Caution.HOT);
    assertThat(of(steps, StepKind.PLACE)).isEmpty();
    assertThat(of(steps, StepKind.TEST)).isEmpty();
    assertThat(of(steps, StepKind.INSPECT)).isEmpty();
  }

  @Test
  @DisplayName("what a hand closes does not pinch; a steam iron steams")
  void byHand() {
    assertThat(
            of(
                steps(Jobs.whiteBandTee(), LOGO, "film-smooth", PressKind.HAND_LARGE),
                StepKind.PRESS))
        .containsExactly(Caution.HOT);
    assertThat(
            of(
                steps(Jobs.whiteBandTee(), LOGO, "film-smooth", PressKind.IRON_STEAM),
                StepKind.PRESS))
        .containsExactly(Caution.HOT, Caution.STEAM);
  }

  @Test
  @DisplayName("ink gas: air the room while it is pressed")
  void inkGas() {
    List<Step> steps = steps(Jobs.whiteStewardShirt(), LOGO, "sub-direct", PressKind.PLATE_CLAM);
    assertThat(of(steps, StepKind.PRESS)).contains(Caution.VENTILATE);
    assertThat(of(steps, StepKind.PRE_PRESS)).doesNotContain(Caution.VENTILATE);
  }

  @Test
  @DisplayName("a needle after the press, and glue where nothing is pressed")
  void needles() {
    Artwork piece = Jobs.art(ArtKind.APPLIQUE, 80, 80, 1, Depth.DARK, Placement.CHEST);
    assertThat(
            of(
                steps(Jobs.whiteBandTee(), piece, "web-light", PressKind.PLATE_CLAM),
                StepKind.STITCH))
        .containsExactly(Caution.GLUE_AND_NEEDLE);
    assertThat(
            of(steps(Jobs.whiteBandTee(), piece, "no-heat", PressKind.PLATE_CLAM), StepKind.FASTEN))
        .containsExactly(Caution.GLUE_AND_NEEDLE);
  }

  private static List<Caution> of(List<Step> steps, StepKind kind) {
    return steps.stream()
        .filter(step -> step.kind() == kind)
        .findFirst()
        .orElseThrow(() -> new AssertionError("no step " + kind))
        .cautions();
  }

  private static List<Step> steps(Garment garment, Artwork art, String medium, PressKind kind) {
    double side = kind.pressedByHand() ? 150 : 400;
    Press press =
        new Press(
            "Press", kind, Millimetres.of(side), Millimetres.of(side), Calibration.readsHigh(0));
    return Jobs.planner()
        .plan(
            new JobRequest(
                garment,
                List.of(new Decoration("a", art, medium, null)),
                1,
                press,
                Workroom.USUAL,
                new Shop(List.of(), List.of(), Schools.OURS),
                Experience.NONE))
        .steps();
  }
}
