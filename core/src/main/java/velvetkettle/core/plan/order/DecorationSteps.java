package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.plan.order.GarmentState.DecorationState;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.Pressed;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.plan.recipe.ShortPress;
import velvetkettle.core.plan.recipe.StackBuilder;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/**
 * The operations of one decoration, from the cooled or warm cloth to the piece that is cold and
 * sewn: prime, tack, place, press, peel, press again, turn and press from the back, stitch.
 */
final class DecorationSteps {
  /**
   * How long cloth or carrier takes to feel cold on a table: about a minute; the hand decides
   * [common practice, no source].
   */
  private static final Seconds UNTIL_COLD = Seconds.of(60);

  private static final Seconds CLOTH_COOLS = Seconds.of(30);

  private final Garment garment;
  private final Ground ground;
  private final Schools schools;
  private final String id;
  private final Placement placement;
  private final boolean lowerLayer;
  private final Pressed pressed;
  private final Medium medium;
  private final Recipe recipe;
  private final Press press;
  private final List<Operation> operations = new ArrayList<>();

  private DecorationSteps(Garment garment, Schools schools, Chosen chosen, Pressed pressed) {
    this.garment = garment;
    ground = chosen.ground(garment);
    this.schools = schools;
    id = chosen.decoration().id();
    placement = chosen.decoration().artwork().placement();
    lowerLayer = chosen.lowerLayer();
    this.pressed = pressed;
    medium = pressed.medium();
    recipe = pressed.recipe();
    press = pressed.press();
  }

  static List<Operation> of(Garment garment, Schools schools, Chosen chosen, Pressed pressed) {
    DecorationSteps course = new DecorationSteps(garment, schools, chosen, pressed);
    course.write();
    return course.operations;
  }

  private void write() {
    of(recipe.presses().before(), ExtraPress.Kind.PRIME).forEach(this::prime);
    if (recipe.presses().coolBeforePlacing()) {
      operations.add(new Operation.Cool(Sentence.of("do.cool-cloth"), CLOTH_COOLS));
    }
    if (medium.pressedFromBack()) {
      fromBehind();
    } else {
      of(recipe.presses().before(), ExtraPress.Kind.TACK).forEach(this::tackWeb);
      operations.add(new Operation.Place(id, Sentence.of(medium.wording().placing(), placement)));
      mainPress();
      if (medium.construction().hasCarrier()) {
        peel();
      }
    }
    of(recipe.presses().after(), ExtraPress.Kind.SECOND).forEach(this::secondPress);
    of(recipe.presses().after(), ExtraPress.Kind.FROM_BACK).forEach(this::againFromBehind);
    if (medium.appearance().ownGround() && !medium.pressedFromBack()) {
      operations.add(new Operation.Cool(Sentence.of("do.cool-flat"), UNTIL_COLD));
    }
    if (medium.handling().stitch() == Stitch.MUST) {
      operations.add(new Operation.StitchEdge(id, Sentence.of("do.stitch")));
    }
    if (medium.appearance().ownGround() && garment.obstacles().contains(Obstacle.LINING)) {
      hand("do.sew-to-lining");
    }
  }

  private static List<ShortPress> of(List<ShortPress> presses, ExtraPress.Kind kind) {
    return presses.stream().filter(extra -> extra.kind() == kind).toList();
  }

  private void prime(ShortPress prime) {
    boolean first = operations.isEmpty();
    hand(first ? "do.prime-spray" : "do.prime-again");
    close(
        StepKind.PRIME,
        Sentence.of("do.prime-press", prime.cover()),
        prime.setting(),
        StackBuilder.bare(ground, prime.cover()),
        DecorationState.PLACED);
  }

  /** The web first on the garment, where the shop keeps to that. */
  private void tackWeb(ShortPress tack) {
    operations.add(new Operation.Place(id, Sentence.of("do.place.web-alone", placement)));
    close(
        StepKind.TACK,
        Sentence.of("do.tack-web"),
        tack.setting(),
        StackBuilder.webAlone(ground, medium),
        DecorationState.TACKED);
    hand("do.web-paper-off");
  }

  private void mainPress() {
    String key =
        press.kind().setsSingleStones()
            ? "do.press-stone"
            : lowerLayer ? "do.tack-layer" : medium.wording().pressing();
    int positions = recipe.presses().positions();
    for (int position = 1; position <= positions; position++) {
      Sentence say =
          positions == 1 ? Sentence.of(key) : Sentence.of("do.press-position", position, positions);
      close(
          lowerLayer ? StepKind.TACK : StepKind.PRESS,
          say,
          recipe.setting().plain(),
          pressed.stack(),
          lowerLayer ? DecorationState.TACKED : DecorationState.BONDED);
    }
  }

  private void peel() {
    Peel peel = recipe.peel().when().value();
    String again =
        peel == Peel.HOT || peel == Peel.NONE
            ? ""
            : schools.keepTo(School.PRESS_AGAIN_AT_ONCE) ? ".at-once" : ".look";
    String usual = "do.peel-off." + peel.term().key() + again;
    Sentence say = Sentence.of(medium.wording().peeling(peel).orElse(usual));
    operations.add(new Operation.PeelOff(id, say, peel, recipe.peel().waiting()));
  }

  private void secondPress(ShortPress second) {
    close(
        StepKind.SECOND_PRESS,
        Sentence.of(medium.wording().pressingAgain(), second.cover()),
        second.setting(),
        StackBuilder.secondPress(ground, medium, second.cover()),
        DecorationState.FINISHED);
  }

  private void againFromBehind(ShortPress back) {
    hand("do.turn");
    close(
        StepKind.BACK_PRESS,
        Sentence.of("do.press-back-again"),
        back.setting(),
        StackBuilder.fromBack(ground, medium, back.cover()),
        DecorationState.FINISHED);
  }

  /** Tacked from the face, turned, and fused from the back. */
  private void fromBehind() {
    boolean onPocket =
        placement == Placement.POCKET || garment.obstacles().contains(Obstacle.POCKET);
    operations.add(
        new Operation.Place(
            id,
            Sentence.of(
                onPocket ? "do.place.patch-on-pocket" : medium.wording().placing(), placement)));
    for (ShortPress tack : of(recipe.presses().before(), ExtraPress.Kind.TACK)) {
      close(
          StepKind.TACK,
          Sentence.of("do.tack"),
          tack.setting(),
          StackBuilder.fromFace(ground, medium, tack.cover()),
          DecorationState.TACKED);
    }
    hand(onPocket ? "do.turn-pocket" : "do.turn");
    close(
        StepKind.PRESS,
        Sentence.of(medium.wording().pressing()),
        recipe.setting().plain(),
        pressed.stack(),
        DecorationState.BONDED);
    operations.add(
        new Operation.Cool(
            Sentence.of(onPocket ? "do.cool-flat-no-sewing" : "do.cool-flat"), UNTIL_COLD));
  }

  private void hand(String key) {
    operations.add(new Operation.Handle(Sentence.of(key)));
  }

  private void close(
      StepKind kind, Sentence say, Setting setting, Stack stack, DecorationState leaves) {
    operations.add(
        new Operation.HeatPress(kind, id, say, setting, stack, press, role(kind), leaves));
  }

  /** Some bond under every press; film has bonded when its second one comes. */
  private WorkPhase.Role role(StepKind kind) {
    return switch (kind) {
      case PRESS -> WorkPhase.Role.MAIN;
      case TACK, BACK_PRESS -> WorkPhase.Role.ALSO;
      case SECOND_PRESS -> medium.again().bonds() ? WorkPhase.Role.ALSO : WorkPhase.Role.NONE;
      default -> WorkPhase.Role.NONE;
    };
  }
}
