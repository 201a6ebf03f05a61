package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Doing;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.Pressed;
import velvetkettle.core.plan.recipe.LayUpActs;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.plan.recipe.ShortPress;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Purpose;
import velvetkettle.core.work.TableAct;
import velvetkettle.core.work.Until;

/**
 * The acts of one decoration, from the dried cloth to the piece that is cold and sewn: prime, tack,
 * place, press, peel, press again, turn and press from the back, stitch. Every closing reaches all
 * of it.
 */
final class DecorationActs {
  /**
   * How long cloth or carrier takes to feel cold on a table: about a minute; the hand decides
   * [common practice, no source].
   */
  private static final Seconds UNTIL_COLD = Seconds.of(60);

  private static final Seconds CLOTH_COOLS = Seconds.of(30);

  /** Until no mist hangs over sprayed cloth (engineering estimate). */
  private static final Seconds FLASHES_OFF = Seconds.of(30);

  /** Keeps loose parts in their places until they hold; as thick as a carrier. */
  private static final Layer MASK =
      Layer.of(LayerKind.CARRIER, Sentence.of("layer.mask"), 0.1, Substance.CARRIER_FILM);

  /** Water that a coat of primer brings, g/m2 (engineering estimates). */
  private static final double WET_OUT = 80;

  private static final double SECOND_COAT = 40;

  private final Garment garment;
  private final Chosen chosen;
  private final String id;
  private final Placing placing;
  private final Medium medium;
  private final Recipe recipe;
  private final Press press;
  private final boolean moved;
  private final boolean masked;
  private final boolean bareBelow;
  private final List<Act> acts;
  private final GarmentActs lies;
  private final ToolActs tools;

  /**
   * @param bareBelow whether something without a carrier lies below it, and may stick out
   */
  DecorationActs(
      JobRequest job,
      Chosen chosen,
      Pressed pressed,
      boolean bareBelow,
      List<Act> acts,
      GarmentActs lies,
      ToolActs tools) {
    garment = job.garment();
    this.chosen = chosen;
    id = chosen.decoration().id();
    placing = chosen.placing();
    medium = pressed.medium();
    recipe = pressed.recipe();
    press = pressed.press();
    moved = press.kind().iron() && job.shop().schools().keepTo(School.IRON_TRAVELLING);
    masked = medium.handling().does(Doing.MASK, candidate(job, chosen, pressed).work());
    this.bareBelow = bareBelow;
    this.acts = acts;
    this.lies = lies;
    this.tools = tools;
  }

  /** What its tool is given beside heat and pressure. */
  static void prepare(ToolActs tools, JobRequest job, Chosen chosen, Pressed pressed) {
    Press press = pressed.press();
    tools.lower(press, chosen.ground(job.garment()).lower());
    tools.steam(press, candidate(job, chosen, pressed).steams());
    tools.tip(press, chosen.decoration().artwork().stones().size());
  }

  private static Candidate candidate(JobRequest job, Chosen chosen, Pressed pressed) {
    return new Candidate(job, chosen.decoration(), pressed.medium(), pressed.press());
  }

  void write() {
    prime();
    if (recipe.presses().coolBeforePlacing()) {
      acts.add(new Act.Wait(Until.CLOTH_COOL, CLOTH_COOLS));
    }
    if (medium.liesInside()) {
      fromInside();
    } else if (medium.pressedFromBack()) {
      fromBehind();
    } else {
      fromFace();
    }
    if (medium.atPress().stencil()) {
      acts.add(new TableAct.LiftStencil(id));
    }
    of(recipe.presses().after(), ExtraPress.Kind.SECOND)
        .forEach(second -> close(Purpose.SECOND, second));
    of(recipe.presses().after(), ExtraPress.Kind.FROM_BACK).forEach(this::againFromBehind);
    if (medium.appearance().ownGround() && !medium.pressedFromBack()) {
      acts.add(new Act.Wait(Until.SET, UNTIL_COLD));
    }
    boolean stitched = medium.handling().stitch() == Stitch.MUST;
    boolean lined =
        medium.appearance().ownGround() && garment.obstacles().contains(Obstacle.LINING);
    if ((stitched || lined) && lies.isInsideOut()) {
      lies.aside();
    }
    if (stitched) {
      acts.add(new Act.StitchEdge(id));
    }
    if (lined) {
      acts.add(new Act.SewToLining(id));
    }
    if (medium.isCutOpenFor(garment)) {
      lies.aside();
      acts.add(new Act.WidenOpenings(id));
    }
  }

  /** Paper keeps the primer from the lower platen. */
  private void prime() {
    boolean again = false;
    for (ShortPress prime : of(recipe.presses().before(), ExtraPress.Kind.PRIME)) {
      lies.paperBelow();
      acts.add(new Act.Spray(id, again ? SECOND_COAT : WET_OUT, again));
      acts.add(new Act.Wait(Until.FLASHED_OFF, FLASHES_OFF));
      close(Purpose.PRIME, prime);
      again = true;
    }
    lies.paperOut();
  }

  private static List<ShortPress> of(List<ShortPress> presses, ExtraPress.Kind kind) {
    return presses.stream().filter(extra -> extra.kind() == kind).toList();
  }

  private void fromFace() {
    List<ShortPress> tacks = of(recipe.presses().before(), ExtraPress.Kind.TACK);
    if (!tacks.isEmpty()) {
      // The web first, where the shop keeps to that.
      place(LayUpActs.web(medium));
      tacks.forEach(tack -> close(Purpose.TACK, tack.setting(), CoverSheet.NONE));
      acts.add(new Act.PaperOff(id));
    }
    ready(recipe.setting().plain());
    if (medium.construction().gasInk()) {
      lies.kraftIn();
    }
    if (medium.atPress().stencil()) {
      lies.paperBelow();
      acts.add(new TableAct.LayStencil(id));
    } else if (press.kind().setsSingleStones()) {
      acts.add(new TableAct.MarkOut(id));
    }
    List<ShortPress> colours = of(recipe.presses().before(), ExtraPress.Kind.COLOUR);
    int of = colours.size() + 1;
    place(
        tacks.isEmpty() ? medium.construction().layers() : medium.construction().aboveLowest(),
        1,
        of);
    if (medium.construction().gasInk()) {
      acts.add(new Act.Tape(id));
    }
    for (int colour = 2; colour <= of; colour++) {
      ShortPress hold = colours.get(colour - 2);
      press(Purpose.COLOUR, hold.setting(), hold.cover());
      place(LayUpActs.nextColour(chosen.ground(garment), medium), colour, of);
    }
    mainPress();
  }

  private void place(List<Layer> layers) {
    place(layers, 1, 1);
  }

  private void place(List<Layer> layers, int colour, int of) {
    List<Layer> all = new ArrayList<>(LayUpActs.sized(chosen.ground(garment), layers));
    if (masked) {
      all.add(0, MASK);
    }
    acts.add(new Act.LayOn(id, placing.face(), placing.art(), all, colour, of));
  }

  private void mainPress() {
    Purpose purpose = chosen.lowerLayer() ? Purpose.TACK : Purpose.MAIN;
    Setting setting = recipe.setting().plain();
    CoverSheet cover = recipe.layUp().cover().value();
    List<StoneSize> sizes = chosen.decoration().artwork().stones().sizes();
    if (press.kind().setsSingleStones() && sizes.size() > 1) {
      sizeBySize(sizes, closings(purpose, setting, cover).times(sizes.size()));
    } else {
      press(purpose, setting, cover);
    }
  }

  /** All stones of a size, then the next tip. */
  private void sizeBySize(List<StoneSize> sizes, Closings closings) {
    for (int at = 0; at < sizes.size(); at++) {
      tools.tip(press, sizes.get(at));
      closings.write(acts, at);
    }
  }

  /**
   * What has to come off while it is hot or warm comes off as far as the tool has been, before the
   * next position.
   */
  private void press(Purpose purpose, Setting setting, CoverSheet cover) {
    Closings closings = closings(purpose, setting, cover);
    boolean carried = masked || medium.construction().hasCarrier();
    Peel peel = masked ? Peel.COLD : recipe.peel().when().value();
    boolean asItGoes = carried && (peel == Peel.HOT || peel == Peel.WARM);
    List<Area> positions = closings.positions();
    for (int at = 0; at < positions.size(); at++) {
      closings.write(acts, at);
      if (asItGoes) {
        peel(peel, positions.subList(at + 1, positions.size()));
      }
      if (medium.construction().gasInk() && closings.cover() != CoverSheet.NONE) {
        acts.add(new Act.ThrowAway(closings.cover()));
      }
    }
    if (carried && !asItGoes) {
      peel(peel, List.of());
    }
  }

  private void peel(Peel peel, List<Area> left) {
    Seconds waiting = masked ? UNTIL_COLD : recipe.peel().waiting();
    acts.add(new Act.PeelOff(id, peel, waiting, left));
  }

  private void againFromBehind(ShortPress back) {
    insideOut();
    close(Purpose.FROM_BACK, back);
  }

  /** What lifted the art before lies below it now. */
  private void insideOut() {
    if (!lies.isInsideOut()) {
      lies.insideOut(press);
      if (chosen.raised()) {
        lies.lift(Filling.FOAM_PAD, chosen.lifted());
        tools.unsettle();
      }
    }
  }

  /** Tacked from the face, turned, and fused from the back. */
  private void fromBehind() {
    place(medium.construction().layers());
    of(recipe.presses().before(), ExtraPress.Kind.TACK).forEach(tack -> close(Purpose.TACK, tack));
    ready(recipe.setting().plain());
    insideOut();
    close(Purpose.MAIN, recipe.setting().plain(), recipe.layUp().cover().value());
    acts.add(new Act.Wait(Until.SET, UNTIL_COLD));
  }

  /** Laid on the wrong side and pressed there; what comes after that is done from the right one. */
  private void fromInside() {
    ready(recipe.setting().plain());
    insideOut();
    List<Layer> layers =
        LayUpActs.sized(chosen.ground(garment), medium.construction().withoutCarrier());
    acts.add(Act.LayOn.inside(id, placing.face(), placing.art(), layers));
    close(Purpose.MAIN, recipe.setting().plain(), recipe.layUp().cover().value());
    if (!recipe.presses().after().isEmpty()) {
      acts.add(new Act.Wait(Until.SET, UNTIL_COLD));
      lies.lie(press, placing);
      lies.parchmentIn();
      if (lies.lift(chosen.lift(), chosen.lifted())) {
        tools.unsettle();
      }
    }
  }

  private void close(Purpose purpose, ShortPress press) {
    close(purpose, press.setting(), press.cover());
  }

  private void close(Purpose purpose, Setting setting, CoverSheet cover) {
    ready(setting);
    closings(purpose, setting, cover).write(acts);
  }

  private Closings closings(Purpose purpose, Setting setting, CoverSheet cover) {
    tools.press(press, setting.pressure());
    return new Closings(
        press,
        purpose,
        id,
        placing.positions(),
        setting.time(),
        cover == CoverSheet.NONE && bareBelow ? CoverSheet.PARCHMENT : cover,
        moved);
  }

  /** The tool at another heat than before: the garment waits beside it. */
  private void ready(Setting setting) {
    if (!tools.isHot(press, setting)) {
      lies.aside();
      tools.heat(press, setting);
      lies.lie(press, placing);
      if (lies.lift(chosen.lift(), chosen.lifted())) {
        tools.unsettle();
      }
    }
  }
}
