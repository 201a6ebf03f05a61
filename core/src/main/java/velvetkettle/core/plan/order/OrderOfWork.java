package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.place.LowerSide;
import velvetkettle.core.place.Placing;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Filling;

/**
 * Composes the acts of all that goes on a garment.
 *
 * <ol>
 *   <li>It is tried where it must be; the cloth is washed, emptied, drawn flat and rolled.
 *   <li>What is pressed goes on in the order that was found for it. For each thing the tool is
 *       heated, the garment laid as the place wants it, and what is in it changed.
 *   <li>Cloth is dried once for all that lie on one face and are pressed by one tool at one
 *       temperature, wherever any of them will lie.
 *   <li>What lies there already is kept from the bare platen.
 *   <li>What needs no heat comes last, and the piece is looked at while it rests.
 * </ol>
 */
public final class OrderOfWork {
  private final JobRequest job;
  private final Garment garment;
  private final List<Act> acts = new ArrayList<>();
  private final ToolActs tools = new ToolActs(acts);
  private final GarmentActs lies;
  private final DryingActs drying;
  private final List<Chosen> shielded = new ArrayList<>();

  private OrderOfWork(JobRequest job) {
    this.job = job;
    garment = job.garment();
    lies = new GarmentActs(garment, acts);
    drying = new DryingActs(garment, acts, tools);
  }

  /**
   * One decoration with what its steps are for; where nothing is pressed it is fixed without heat.
   *
   * @param placing where it lies, and under which platen
   * @param testFirst why and what to try before; null where nothing asks for it
   * @param lowerLayer whether it is film that lies wholly under the press of more film: it is only
   *     tacked, and the press of the uppermost does the rest
   */
  public record Chosen(
      Decoration decoration,
      @Nullable Pressed pressed,
      Placing placing,
      @Nullable Sentence testFirst,
      boolean lowerLayer) {
    /** The option that was taken, or the way without heat. */
    public static Chosen of(
        JobRequest job, MediaCatalogue media, Decoration decoration, DecorationPlan plan) {
      Option option = plan.current();
      return option == null
          ? new Chosen(decoration, null, job.unpressed(decoration), null, false)
          : of(Candidate.of(job, decoration, media.get(option.medium())), option);
    }

    private static Chosen of(Candidate candidate, Option option) {
      return new Chosen(
          candidate.decoration(),
          new Pressed(candidate.medium(), option.recipe(), option.stack(), candidate.tool()),
          candidate.placing(),
          option.advice().testFirst(),
          false);
    }

    /** The same among the others that are chosen. */
    public Chosen among(List<Chosen> all) {
      return new Chosen(decoration, pressed, placing, testFirst, isLower(all, all.size()));
    }

    /** Whether the full press of something that lies over it reaches all of it. */
    private boolean isLower(List<Chosen> all, int deep) {
      return tacks()
          && deep > 0
          && all.stream()
              .filter(upper -> upper.tacks() && upper.liesSomewhereOver(this, all))
              .filter(upper -> upper.placing.face() == placing.face())
              .filter(upper -> upper.placing.reaches(placing.art()))
              .anyMatch(upper -> !upper.isLower(all, deep - 1));
    }

    /** Over it, or over something that is. */
    boolean liesSomewhereOver(Chosen lower, List<Chosen> all) {
      Chosen at = this;
      for (int up = 0; at != null && up < all.size(); up++) {
        if (at.decoration.liesOver(lower.decoration)) {
          return true;
        }
        Chosen upper = at;
        at =
            all.stream()
                .filter(one -> upper.decoration.liesOver(one.decoration))
                .findFirst()
                .orElse(null);
      }
      return false;
    }

    private boolean onHood() {
      return decoration.artwork().placement() == Placement.HOOD;
    }

    /** How it is pressed; only of what is. */
    public Pressed press() {
      if (pressed == null) {
        throw new IllegalStateException("nothing is pressed for " + decoration.id());
      }
      return pressed;
    }

    /** What its Stacks are laid up between. */
    Ground ground(Garment garment) {
      return new Ground(
          garment,
          press().press(),
          LowerSide.of(garment, press().medium().construction().standsOut(), press().press()),
          placing.face(),
          placing.way(),
          placing.oneLayer(),
          raised(),
          decoration.artwork().stones().size(),
          press().medium().coloursOver(decoration.artwork()));
    }

    /** Whether a pad lifts the art above what lies round it. */
    boolean raised() {
      Boolean raised = decoration.own(press().medium()).raised();
      return raised == null ? placing.insert() != null : raised;
    }

    /** What goes under it while it is pressed from its face; null where nothing does. */
    @Nullable Filling lift() {
      boolean form = placing.way() == PlatenApproach.FORM;
      return form ? Filling.FORM : raised() ? Filling.FOAM_PAD : null;
    }

    /** What such a pad lies under. */
    Area lifted() {
      Area insert = placing.insert();
      return insert == null ? placing.art().grown(8) : insert;
    }

    /** Whether the garment is turned over between this one and another. */
    boolean isBehind(Chosen other) {
      return placing.face() != other.placing.face();
    }

    private boolean tacks() {
      return pressed != null && pressed.medium().again().tackedBelow();
    }

    /** As it is pressed among the others: a lower layer of film is only tacked. */
    @Nullable Pressed worked() {
      return pressed == null || !lowerLayer
          ? pressed
          : new Pressed(
              pressed.medium(), pressed.recipe().tacked(), pressed.stack(), pressed.press());
    }
  }

  /** What is pressed, at which settings, under what, by which tool. */
  public record Pressed(Medium medium, Recipe recipe, Stack stack, Press press) {}

  /** One decoration with its margins as if it were alone on the garment. */
  public record SingleDecoration(Chosen chosen, Margins margins) {}

  /**
   * @param pressed in the order in which they are pressed
   * @param fastened without heat
   */
  public static List<Act> of(JobRequest job, List<Chosen> pressed, List<Chosen> fastened) {
    OrderOfWork order = new OrderOfWork(job);
    order.tryFirst(pressed);
    order.prepareCloth(pressed);
    for (int at = 0; at < pressed.size(); at++) {
      order.press(pressed, at);
    }
    order.shieldOnly(List.of());
    order.lies.clear();
    fastened.forEach(order::fasten);
    order.acts.add(new Act.Inspect());
    return List.copyOf(order.acts);
  }

  private void tryFirst(List<Chosen> pressed) {
    Set<Sentence> said = new HashSet<>();
    for (Chosen thing : pressed) {
      if (thing.testFirst() != null && said.add(thing.testFirst())) {
        acts.add(new Act.TryFirst(thing.decoration().id()));
      }
    }
  }

  private void prepareCloth(List<Chosen> pressed) {
    List<Medium> media = pressed.stream().map(thing -> thing.press().medium()).toList();
    PreWash.of(garment, media, job.shop().schools())
        .ifPresent(why -> acts.add(new Act.PreWash(why)));
    if (pressed.isEmpty()) {
      return;
    }
    if (garment.obstacles().contains(Obstacle.POCKET)) {
      lies.emptyPocket();
    }
    garment.obstacles().stream()
        .filter(Obstacle::isLoose)
        .filter(loose -> loose != Obstacle.HOOD || pressed.stream().noneMatch(Chosen::onHood))
        .sorted()
        .forEach(loose -> acts.add(new Act.Smooth(loose)));
    acts.add(new Act.LintRoll());
  }

  private void press(List<Chosen> all, int at) {
    Chosen thing = all.get(at);
    Pressed pressed = Objects.requireNonNull(thing.worked());
    List<Chosen> before = all.subList(0, at);
    List<Chosen> next = all.subList(at + 1, all.size());
    List<Chosen> together = drying.with(thing, next);
    List<Chosen> ahead = drying.before(thing, next, together);
    List<Chosen> covered =
        before.stream()
            .filter(earlier -> !thing.decoration().liesOver(earlier.decoration()))
            // A print in the cloth is nothing that a platen could stick to.
            .filter(earlier -> !earlier.press().medium().construction().dyesTheCloth())
            .filter(earlier -> !earlier.press().medium().liesInside())
            .filter(
                earlier ->
                    Stream.of(List.of(thing), together, ahead)
                        .flatMap(List::stream)
                        .anyMatch(one -> Precedence.reaches(one, earlier)))
            .toList();
    shieldOnly(covered);
    if (pressed.medium().isCutOpenFor(garment)) {
      lies.cutOpen(thing.decoration().id());
    }
    heat(thing, pressed);
    ahead.forEach(one -> dryAhead(one, thing, before));
    layDown(thing, pressed.press());
    boolean bareBelow = liesOverAny(thing, before);
    drying.dry(together, thing, bareBelow);
    new DecorationActs(job, thing, pressed, bareBelow, acts, lies, tools).write();
  }

  /** A sheet that the next press wants as well stays where it is. */
  private void shieldOnly(List<Chosen> covered) {
    for (Chosen earlier : List.copyOf(shielded)) {
      if (!covered.contains(earlier)) {
        lies.turnUp(earlier.placing().face());
        acts.add(new Act.Unshield(earlier.decoration().id()));
        shielded.remove(earlier);
      }
    }
    for (Chosen earlier : covered) {
      if (!shielded.contains(earlier)) {
        lies.turnUp(earlier.placing().face());
        acts.add(new Act.Shield(earlier.decoration().id(), CoverSheet.PARCHMENT));
        shielded.add(earlier);
      }
    }
  }

  private static boolean liesOverAny(Chosen thing, List<Chosen> before) {
    return before.stream().anyMatch(one -> thing.decoration().liesOver(one.decoration()));
  }

  private void heat(Chosen thing, Pressed pressed) {
    Press press = pressed.press();
    Setting setting = first(pressed);
    boolean other = !tools.isOver(press, thing.ground(job.garment()).lower());
    if (tools.changes(press, setting) || other) {
      lies.aside();
    }
    if (!tools.isHot(press, setting)) {
      // What was dried has taken up water again by the time the tool is ready.
      drying.dampAgain();
    }
    tools.heat(press, setting);
    DecorationActs.prepare(tools, job, thing, pressed);
  }

  /** On its tool, with in it what the place wants. */
  private void layDown(Chosen thing, Press press) {
    Placing placing = thing.placing();
    lies.lie(press, placing);
    lies.parchmentIn();
    if (lies.lift(thing.lift(), thing.lifted())) {
      tools.unsettle();
    }
  }

  /** What it meets first: a coat of primer may be set at another heat than the print. */
  private static Setting first(Pressed pressed) {
    return pressed.recipe().presses().before().stream()
        .map(press -> press.setting())
        .findFirst()
        .orElse(pressed.recipe().setting().plain());
  }

  /** By its own tool; at the heat that this has by now, where it is the one in use. */
  private void dryAhead(Chosen one, Chosen inUse, List<Chosen> before) {
    Press press = one.press().press();
    boolean same = press.name().equals(inUse.press().press().name());
    if (!same) {
      heat(one, one.press());
    }
    layDown(one, press);
    Celsius platen = first(same ? inUse.press() : one.press()).platen();
    drying.ahead(one, liesOverAny(one, before));
  }

  private void fasten(Chosen chosen) {
    acts.add(new Act.Pin(chosen.decoration().id()));
    acts.add(new Act.Fasten(chosen.decoration().id()));
  }
}
